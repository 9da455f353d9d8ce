<?php

declare(strict_types=1);

namespace App\Context\Athletes;

use App\Models\Athletes\CapacityRecord;
use App\Models\Log\LoggedSet;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Strength\Filter\CapacityFilter;
use SteadyRung\Strength\Filter\CapacityState;

/**
 * What was believed before a day, or after all days: the nearest kept state, followed through the days between.
 */
final class CapacityBefore
{
    public function of(string $athleteId, Pattern $pattern, ?string $day = null): ?CapacityState
    {
        $kept = CapacityRecord::of($athleteId, $pattern)->when(
            $day !== null,
            static fn ($of) => $of->where('trained_on', '<', $day),
        )->whereNotNull('state')->orderByDesc('trained_on')->first();
        $state = $kept?->toCore();
        $filter = CapacityFilter::usual();
        foreach (LoggedSet::sessions($athleteId, $pattern, $state === null ? null : $kept->trained_on, $day) as $session) {
            $state = $filter->afterDay($state, $session);
        }

        return $state;
    }
}
