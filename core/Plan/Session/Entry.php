<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\InWords;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Safety\Caps;
use SteadyRung\Strength\Reps\Seconds;

/**
 * Who may begin with lowering-only reps: who is likely to control the way down, or did so lately.
 */
final class Entry
{
    /** Why somebody is not put on it; none where nothing speaks against it. */
    public static function refused(AthleteContext $context, Rung $rung): ?string
    {
        $seconds = $context->estimate($rung)->secondsOn($rung);

        return match (true) {
            $rung->exercise->style->movement !== Movement::Lowering, $seconds?->isControlled() === true, self::didLately($context, $rung) => null,
            default => sprintf(
                'The way down would not be controlled yet: %.0f s, %s; it takes %s. Rows and more help first.',
                Seconds::FIRST_S,
                InWords::chance($seconds?->chanceOf(Seconds::FIRST_S) ?? 0.0),
                InWords::chance(Seconds::FIRST_CHANCE),
            ),
        };
    }

    private static function didLately(AthleteContext $context, Rung $rung): bool
    {
        return array_filter(
            $context->diary->done,
            static fn (Done $d): bool => $d->isLowering()
                && $d->lowerings() > 0
                && $context->today - $d->day < Caps::NEW_DAYS
                && $d->share >= $rung->share() - 1e-6,
        ) !== [];
    }
}
