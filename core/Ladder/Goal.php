<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Rung;

/**
 * Where a ladder leads to unless somebody says otherwise.
 */
final class Goal
{
    /** From the unassisted pull-up on, this much more. */
    private const BEYOND_STRICT = 0.10;

    private const STRICT = 1.0;

    /**
     * The unassisted pull-up, or a tenth of bodyweight beyond the present share; in the row lane the hardest row there is.
     *
     * @param  list<Rung>  $candidates sorted by share
     */
    public static function share(Lane $lane, float $fromShare, array $candidates): float
    {
        $hardest = $candidates === [] ? self::STRICT : $candidates[count($candidates) - 1]->share();

        return match (true) {
            $lane === Lane::Row => $hardest,
            $fromShare < self::STRICT - Steps::SMALLEST => self::STRICT,
            default => $fromShare + self::BEYOND_STRICT,
        };
    }
}
