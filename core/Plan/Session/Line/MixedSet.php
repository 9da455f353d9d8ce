<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session\Line;

use SteadyRung\Exercise\Rung;
use SteadyRung\Ladder\Steps;
use SteadyRung\Strength\RepPrediction;

/**
 * A set begun on the next rung and finished on the present one, where the step between them is too large.
 */
final readonly class MixedSet
{
    /** Reps on the next rung where nobody knows how many there are. */
    private const FIRST_REPS = 2;

    /** Kept for the rest of the set. */
    private const LEAST_THEN = 2;

    private function __construct(public int $firstReps, public Rung $first, public int $thenReps, public Rung $then)
    {
    }

    /**
     * None where the next rung is near, or of another stage, or not one rep of it is likely.
     *
     * @param  int  $count  reps of the whole set
     * @param  RepPrediction|null  $next  on the next rung
     */
    public static function over(Steps $steps, bool $endsStage, int $count, ?RepPrediction $next): ?self
    {
        $first = self::firstReps($next, $count);

        return $steps->up !== null && $steps->isTooLarge() && ! $endsStage && $first > 0
            ? new self($first, $steps->up, $count - $first, $steps->from)
            : null;
    }

    /** One short of what is likely, so that the rest of the set is left: none where not two are. */
    public static function firstReps(?RepPrediction $likely, int $count, int $most = PHP_INT_MAX): int
    {
        $one = $likely === null ? self::FIRST_REPS : (int) floor($likely->median()) - 1;

        return max(0, min($one, $most, $count - self::LEAST_THEN));
    }
}
