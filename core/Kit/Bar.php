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

    public const DIAMETER_MM = [15.0, 80.0];

    private function __construct(
        public string $id,
        public string $name,
        public float $heightM,
        public ?float $ratedKg,
        public ?float $diameterMm,
    ) {
    }

    /**
     * A bar 0.5–6 m above the floor, 15–80 mm thick where that is known.
     *
     * @throws OutOfRange if a figure is outside
     */
    public static function of(string $id, string $name, float $heightM, ?float $ratedKg = null, ?float $diameterMm = null): self
    {
        OutOfRange::guard([
            'height_m' => [$heightM, self::HEIGHT_M],
            'rated_kg' => [$ratedKg, Rated::KG],
            'diameter_mm' => [$diameterMm, self::DIAMETER_MM],
        ]);

        return new self($id, $name, $heightM, $ratedKg, $diameterMm);
    }
}
