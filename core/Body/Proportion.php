<?php

declare(strict_types=1);

namespace SteadyRung\Body;

/**
 * A length of the body, in m, as a part of stature where it is estimated, and where the figure comes from.
 */
final readonly class Proportion
{
    public function __construct(public string $name, public float $lengthM, public ?float $perStature, public string $source)
    {
    }
}
