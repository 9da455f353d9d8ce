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

    /** The load of eight reps, to a percent of bodyweight: nobody can set it finer, and it stays while capacity hardly moves. */
    public static function believed(Belief $belief): ?float
    {
        return $belief->state === null ? null : round((float) $belief->shareFor(self::REPS), 2);
    }

    /**
     * The rung in use; else the load of eight reps; else just below the easiest candidate.
     *
     * @param  list<Rung>  $candidates sorted by share
     */
    public static function share(?Rung $inUse, Belief $belief, array $candidates): float
    {
        return match (true) {
            $inUse !== null => $inUse->share(),
            $belief->state !== null => (float) self::believed($belief),
            $candidates !== [] => $candidates[0]->share() - Steps::SMALLEST,
            default => 0.0,
        };
    }
}
