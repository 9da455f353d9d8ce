<?php

declare(strict_types=1);

namespace App\Context\Trend;

use App\Context\Athletes\LoadTimeOff;
use App\Models\Log\LoggedSet;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Strength\Ahead;
use SteadyRung\Strength\Estimate;
use SteadyRung\Strength\Forecast;

/**
 * What is foretold of an athlete, their time off counted in.
 */
final readonly class Forecasts
{
    public function __construct(private LoadTimeOff $off)
    {
    }

    /** What will be believed of them week by week; none before a baseline. */
    public function ahead(string $athleteId, Estimate $estimate): ?Ahead
    {
        return $estimate->ahead($this->off->of($athleteId, $estimate->today)->trained($estimate->today, Ahead::WEEKS));
    }

    /**
     * @param  Ahead|null  $ahead  of the pattern; none before a baseline
     * @return list<Forecast> of each number of strict reps, likewise
     */
    public function of(string $athleteId, Pattern $pattern, ?Ahead $ahead): array
    {
        if ($ahead === null) {
            return [];
        }
        $most = (int) LoggedSet::strict($athleteId, $pattern)->orderByDesc('clean_reps')->limit(1)->value('clean_reps');

        return array_map(static fn (int $reps): Forecast => Forecast::of($ahead, $reps, $most >= $reps), Forecast::TARGETS);
    }
}
