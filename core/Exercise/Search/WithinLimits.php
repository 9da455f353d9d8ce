<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Search;

use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Exercise\Style\UpBy;
use SteadyRung\Safety\Limit;
use SteadyRung\Safety\Limits;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\DoesNotFit;

/**
 * Whether the screen allows an exercise.
 */
final class WithinLimits
{
    /** The first limit it breaks; none where it is allowed. */
    public static function broken(Limits $limits, Exercise $exercise, CarriedLoad $load): ?DoesNotFit
    {
        if (! $limits->isCleared) {
            return DoesNotFit::outsideLimits('The screen allows no load yet.');
        }
        foreach ($limits->barred as $limit) {
            if (self::breaks($limit, $exercise, $load)) {
                return DoesNotFit::outsideLimits(sprintf('The screen says: %s.', $limit->words()));
            }
        }

        return $limits->mostShare !== null && $load->share() > $limits->mostShare
            ? DoesNotFit::outsideLimits(sprintf(
                'The screen allows at most %.0f %% of bodyweight; this is %.0f %%.',
                100 * $limits->mostShare,
                100 * $load->share(),
            ))
            : null;
    }

    private static function breaks(Limit $limit, Exercise $exercise, CarriedLoad $load): bool
    {
        $kind = $exercise->setup->kind();
        $lane = $kind->lane();

        return match ($limit) {
            Limit::NoHanging => $lane === Lane::Pull && (! $kind->isStanding() || $exercise->style->at?->isGrip() === true),
            Limit::NoOverhead => $lane === Lane::Pull || $lane === Lane::PullDown,
            Limit::NoLowering => $exercise->style->movement === Movement::Lowering
                || ($exercise->style->movement === Movement::Full && $exercise->style->upBy !== UpBy::Pull),
            Limit::NoBandsAtHeight => ($load->hazard->mount->boxM ?? 0.0) > 0.0,
        };
    }
}
