<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

use SteadyRung\OutOfRange;

/**
 * A bar to hang from.
 */
final readonly class Bar
{
    public const HEIGHT_M = [0.5, 6.0];

    private function __construct(public string $id, public string $name, public float $heightM, public ?float $ratedKg)
    {
    }

    /**
     * A bar 0.5–6 m above the floor.
     *
     * @throws OutOfRange if the height is outside
     */
    public static function of(string $id, string $name, float $heightM, ?float $ratedKg = null): self
    {
        OutOfRange::guard(['height_m' => [$heightM, self::HEIGHT_M], 'rated_kg' => [$ratedKg, Rated::KG]]);

        return new self($id, $name, $heightM, $ratedKg);
    }
}
