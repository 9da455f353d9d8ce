<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

use SteadyRung\Strength\CapacityState;
use SteadyRung\Strength\RepCurve;

/**
 * Where an athlete's ladder begins.
 */
final class LadderStart
{
    /** Reps a ladder's first rung is chosen for where nothing is in use yet (common practice). */
    private const REPS = 8.0;

    /**
     * The rung in use; else the load of eight reps; else just below the easiest candidate.
     *
     * @param  list<Rung>  $candidates sorted by share
     */
    public static function share(?Rung $inUse, ?CapacityState $capacity, RepCurve $curve, array $candidates): float
    {
        return match (true) {
            $inUse !== null => $inUse->share(),
            $capacity !== null => $capacity->share() / $curve->ratio(self::REPS),
            $candidates !== [] => $candidates[0]->share() - Steps::SMALLEST,
            default => 0.0,
        };
    }
}
