<?php

declare(strict_types=1);

namespace App\Context\Trend;

use App\Models\Log\LoggedSet;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Strength\Estimate;
use SteadyRung\Strength\Forecast;

/**
 * What is foretold of an athlete.
 */
final class Forecasts
{
    /** @return array<int, Forecast> by the strict reps they are of; none before a baseline */
    public function of(string $athleteId, Pattern $pattern, Estimate $estimate): array
    {
        $ahead = $estimate->ahead();
        if ($ahead === null) {
            return [];
        }
        $most = (int) LoggedSet::strict($athleteId, $pattern)->orderByDesc('clean_reps')->limit(1)->value('clean_reps');
        $forecasts = [];
        foreach (Forecast::TARGETS as $reps) {
            $forecasts[$reps] = Forecast::of($ahead, $reps, $most >= $reps);
        }

        return $forecasts;
    }
}
