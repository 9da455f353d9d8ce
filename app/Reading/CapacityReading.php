<?php

declare(strict_types=1);

namespace App\Reading;

use App\Formats\Json\WhyJson;
use App\Models\Athlete;
use App\Models\CapacityRecord;
use App\Models\LoggedSet;
use SteadyRung\Exercise\Pattern;
use SteadyRung\Strength\CapacityFilter;
use SteadyRung\Why\Explanation;

/**
 * Says how the stored capacity came about: what its last session did to the belief before it.
 */
final readonly class CapacityReading
{
    public function of(Athlete $athlete, Pattern $pattern): WhyJson
    {
        $newest = CapacityRecord::newest($athlete->id, $pattern);
        if ($newest === null) {
            return WhyJson::of('Capacity', new Explanation([], ['No set in the log speaks of it yet.'], ['Log a baseline.']));
        }
        $day = $newest->trained_on;
        $before = CapacityRecord::newest($athlete->id, $pattern, before: $day)?->toCore();
        $update = CapacityFilter::usual()->after($before, LoggedSet::sessions($athlete->id, $pattern, $day)[$day]);

        return WhyJson::of('Capacity', $update->why());
    }
}
