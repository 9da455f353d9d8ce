<?php

declare(strict_types=1);

namespace App\Queries\Athletes;

use App\Context\Athletes\CapacityBefore;
use App\Context\Athletes\LearnedFall;
use App\Context\Log\SetsBehind;
use App\Formats\Json\Why\WhyJson;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\CapacityRecord;
use App\Models\Log\LoggedSet;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Strength\Filter\CapacityFilter;
use SteadyRung\Strength\Filter\CapacityUpdate;
use SteadyRung\Why\Explanation;

/**
 * Says how the stored capacity came about: what its latest telling set did to the belief before it.
 */
final readonly class CapacityQuery
{
    public function __construct(private CapacityBefore $before, private LearnedFall $fall, private SetsBehind $sets)
    {
    }

    public function of(Athlete $athlete, Pattern $pattern): WhyJson
    {
        $newest = CapacityRecord::newest($athlete->id, $pattern);
        if ($newest === null) {
            return WhyJson::of('Capacity', new Explanation([], ['No set in the log speaks of it yet.'], ['Log a baseline.']));
        }
        $day = $newest->trained_on;
        $updates = CapacityUpdate::ofDay(
            CapacityFilter::usual(),
            $this->before->of($athlete->id, $pattern, $day),
            LoggedSet::sessions($athlete->id, $pattern, from: $day)[$day] ?? [],
        );

        return WhyJson::of(
            'Capacity',
            (
                $updates === [] ? new Explanation([]) : $updates[array_key_last($updates)]->why()
            )->then($this->fall->of($athlete->id, $pattern)->why()),
            $this->sets->of($athlete->id, $pattern),
        );
    }
}
