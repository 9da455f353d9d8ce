<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

use SteadyRung\OutOfRange;

/**
 * A machine with a weight stack: one that lifts the athlete, or one that is pulled down.
 */
final readonly class Machine
{
    public const STEP_KG = [0.5, 25.0];

    public const MOST_KG = [1.0, 300.0];

    /** Kilograms at the hands or knees for each kilogram of the stack. */
    public const LEVERAGE = [0.1, 4.0];

    private function __construct(
        public string $id,
        public string $name,
        public MachineUse $use,
        public float $stepKg,
        public float $mostKg,
        public float $leverage,
    ) {
    }

    /**
     * A stack in steps of 0.5–25 kg to at most 1–300 kg, with a leverage of 0.1–4.
     *
     * @throws OutOfRange if a figure is outside its range
     */
    public static function of(string $id, string $name, MachineUse $use, float $stepKg, float $mostKg, float $leverage = 1.0): self
    {
        OutOfRange::guard([
            'step_kg' => [$stepKg, self::STEP_KG],
            'most_kg' => [$mostKg, [max(self::MOST_KG[0], $stepKg), self::MOST_KG[1]]],
            'leverage' => [$leverage, self::LEVERAGE],
        ]);

        return new self($id, $name, $use, $stepKg, $mostKg, $leverage);
    }

    /**
     * The stacks that can be pinned, ascending.
     *
     * @return list<float>
     */
    public function stacksKg(): array
    {
        $count = (int) floor($this->mostKg / $this->stepKg + 1e-9);

        return array_map(fn (int $i): float => $i * $this->stepKg, range(1, max(1, $count)));
    }
}
