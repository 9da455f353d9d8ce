<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Filter;

/**
 * How a claim moves a belief: see Claim::against.
 */
final readonly class Pull
{
    public function __construct(public float $pull, public float $shrink, public float $logLikelihood)
    {
    }
}
