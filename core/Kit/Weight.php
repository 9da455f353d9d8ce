<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

use SteadyRung\OutOfRange;

/**
 * A weight for the belt.
 */
final readonly class Weight
{
    public const MASS_KG = [0.1, 100.0];

    private function __construct(public string $id, public string $name, public float $massKg)
    {
    }

    /**
     * A weight of 0.1–100 kg.
     *
     * @throws OutOfRange if the mass is outside
     */
    public static function of(string $id, string $name, float $massKg): self
    {
        OutOfRange::guard(['mass_kg' => [$massKg, self::MASS_KG]]);

        return new self($id, $name, $massKg);
    }
}
