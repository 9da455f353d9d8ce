<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session\Line;

use SteadyRung\Exercise\Rung;

/**
 * What each set of a line begins on, and how many reps of it, before it goes on without a rest.
 */
final readonly class Begun
{
    public function __construct(public Rung $rung, public int $reps)
    {
    }
}
