<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

use SteadyRung\Exercise\Rung;
use SteadyRung\Strength\Belief;

/**
 * Where an athlete's ladder begins.
 */
final class LadderStart
{
    /** Reps a ladder's first rung is chosen for where nothing is in use yet (common practice). */
    public const REPS = 8.0;

    /**
     * The rung in use; else the load of eight reps; else just below the easiest candidate.
     *
     * @param  list<Rung>  $candidates sorted by share
     */
    public static function share(?Rung $inUse, Belief $belief, array $candidates): float
    {
        return match (true) {
            $inUse !== null => $inUse->share(),
            $belief->state !== null => (float) $belief->shareFor(self::REPS),
            $candidates !== [] => $candidates[0]->share() - Steps::SMALLEST,
            default => 0.0,
        };
    }
}
