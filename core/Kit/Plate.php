<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

use SteadyRung\OutOfRange;

/**
 * A plate to lay under the feet.
 */
final readonly class Plate
{
    public const THICKNESS_M = [0.005, 0.12];

    private function __construct(public string $id, public string $name, public float $thicknessM)
    {
    }

    /**
     * A plate 0.005–0.12 m thick.
     *
     * @throws OutOfRange if the thickness is outside
     */
    public static function of(string $id, string $name, float $thicknessM): self
    {
        OutOfRange::guard(['thickness_m' => [$thicknessM, self::THICKNESS_M]]);

        return new self($id, $name, $thicknessM);
    }
}
