<?php

declare(strict_types=1);

namespace SteadyRung\Report;

/**
 * How long something was waited for, and whether it came; if not, it may still come, or nobody looked on.
 */
final readonly class Spell
{
    /** @param  float  $length  in any unit, 0 or more */
    public function __construct(public float $length, public bool $cameAbout)
    {
    }
}
