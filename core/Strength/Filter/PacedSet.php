<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Filter;

/**
 * A set of a day with the second it was done at.
 */
final readonly class PacedSet
{
    public function __construct(public float $atS, public Observation $set)
    {
    }
}
