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

    /** Of the platform that the stack lifts first. */
    public const PLATFORM_KG = [0.0, 60.0];

    /** @param  non-empty-list<float>  $stacksKg ascending */
    private function __construct(
        public string $id,
        public string $name,
        public MachineUse $use,
        public float $stepKg,
        public float $mostKg,
        public float $leverage,
        public float $platformKg,
        private array $stacksKg,
    ) {
    }

    /**
     * A stack in steps of 0.5–25 kg to at most 1–300 kg, with a leverage of 0.1–4 and a platform of 0–60 kg.
     *
     * @throws OutOfRange if a figure is outside its range
     */
    public static function of(
        string $id,
        string $name,
        MachineUse $use,
        float $stepKg,
        float $mostKg,
        float $leverage = 1.0,
        float $platformKg = 0.0,
    ): self {
        OutOfRange::guard([
            'step_kg' => [$stepKg, self::STEP_KG],
            'most_kg' => [$mostKg, [max(self::MOST_KG[0], $stepKg), self::MOST_KG[1]]],
            'leverage' => [$leverage, self::LEVERAGE],
            'platform_kg' => [$platformKg, self::PLATFORM_KG],
        ]);

        $count = (int) floor($mostKg / $stepKg + 1e-9);

        return new self(
            id: $id,
            name: $name,
            use: $use,
            stepKg: $stepKg,
            mostKg: $mostKg,
            leverage: $leverage,
            platformKg: $platformKg,
            stacksKg: array_map(static fn (int $i): float => $i * $stepKg, range(1, max(1, $count))),
        );
    }

    /**
     * A stack of which every pin is told.
     *
     * @param  non-empty-list<float>  $stacksKg
     *
     * @throws OutOfRange if a figure is outside its range
     */
    public static function pinned(
        string $id,
        string $name,
        MachineUse $use,
        array $stacksKg,
        float $leverage = 1.0,
        float $platformKg = 0.0,
    ): self {
        sort($stacksKg);
        OutOfRange::guard([
            'stack_kg' => [$stacksKg[0], [self::STEP_KG[0], self::MOST_KG[1]]],
            'most_kg' => [$stacksKg[count($stacksKg) - 1], self::MOST_KG],
            'leverage' => [$leverage, self::LEVERAGE],
            'platform_kg' => [$platformKg, self::PLATFORM_KG],
        ]);

        return new self(
            id: $id,
            name: $name,
            use: $use,
            stepKg: $stacksKg[0],
            mostKg: $stacksKg[count($stacksKg) - 1],
            leverage: $leverage,
            platformKg: $platformKg,
            stacksKg: $stacksKg,
        );
    }

    /**
     * The stacks that can be pinned, ascending.
     *
     * @return list<float>
     */
    public function stacksKg(): array
    {
        return $this->stacksKg;
    }
}
