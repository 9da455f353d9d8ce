<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Strength\Estimate;

/**
 * Where an athlete's ladder begins.
 */
final class LadderStart
{
    /** Reps a ladder's first rung is chosen for where nothing is in use yet (common practice). */
    public const REPS = 8.0;

    /** The load of eight reps, to a percent of bodyweight: nobody can set it finer, and it stays while capacity hardly moves. */
    public static function estimates(Estimate $estimate): ?float
    {
        return $estimate->state === null ? null : round((float) $estimate->shareFor(self::REPS), 2);
    }

    /**
     * The rung in use; else the load of eight reps; else just below the easiest candidate.
     *
     * @param  list<Rung>  $candidates sorted by share
     */
    public static function share(?Rung $inUse, Estimate $estimate, array $candidates): float
    {
        return match (true) {
            $inUse !== null => $inUse->share(),
            $estimate->state !== null => (float) self::estimates($estimate),
            $candidates !== [] => $candidates[0]->share() - Steps::SMALLEST,
            default => 0.0,
        };
    }

    /**
     * Where to begin with nothing in use: the rung nearest to eight reps, of the ladder, of the set-up tried, and of what is easy to
     * build; none before anything was seen.
     *
     * @param  list<Rung>  $ladder
     */
    public static function rung(RungSearch $search, Body $body, Lane $lane, array $ladder, ?Rung $tried, Estimate $estimate): ?Rung
    {
        $easy = match (true) {
            $estimate->state === null => [],
            $lane === Lane::Pull => $search->singles($body),
            $tried !== null => $search->near($tried, $body),
            default => [],
        };
        $rungs = array_values(array_filter([...$ladder, ...array_filter([$tried]), ...$easy], static fn (Rung $r): bool => $r->holds()));

        return NearestReps::of($rungs, $estimate, (int) self::REPS, 1)[0] ?? null;
    }
}
