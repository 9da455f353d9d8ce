<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

use SteadyRung\Gravity;

/**
 * A piece and the load its maker rates it for.
 */
final readonly class Rated
{
    public const KG = [50.0, 5000.0];

    public function __construct(public string $name, public float $ratedKg)
    {
    }

    public function ratedN(): float
    {
        return $this->ratedKg * Gravity::M_PER_S2;
    }
}
