<?php

declare(strict_types=1);

namespace SteadyRung\Call;

use SteadyRung\Ladder\Rung;
use SteadyRung\Ladder\Steps;

/**
 * What to say and offer where the next step up is larger than 12 % of bodyweight.
 */
final class LargeStep
{
    private const FIRST_REPS = 2;

    /** @return list<string> */
    public static function words(Situation $situation, ?Rung $next = null): array
    {
        $steps = $situation->steps;
        if (! $steps->isTooLarge()) {
            return [];
        }
        $words = sprintf('The next single-band step is %.0f %% of bodyweight, more than %.0f %%.', 100 * $steps->sizeUp(), 100 * Steps::LARGEST);

        return [$words.match (true) {
            $steps->between === [] => ' This kit has nothing in between: mix the set.',
            $next !== null && $next !== $steps->up => ' Go in between.',
            default => ' In-between set-ups are offered.',
        }];
    }

    public static function mixedSet(Situation $situation): ?MixedSet
    {
        $steps = $situation->steps;
        if ($steps->up === null || ! $steps->isTooLarge() || $steps->between !== []) {
            return null;
        }

        return new MixedSet(self::FIRST_REPS, $steps->up, $situation->standard->gateReps - self::FIRST_REPS, $situation->rung());
    }
}
