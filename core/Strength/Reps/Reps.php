<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Reps;

/**
 * A predicted number of reps, clipped where the formulas stop being valid.
 */
final readonly class Reps
{
    public function __construct(public float $reps, public bool $clipped)
    {
    }
}
