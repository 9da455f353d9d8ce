<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Http\Resources\WhyResource;
use App\Models\Athlete;
use App\Models\CapacityRecord;
use App\Models\LoggedSet;
use SteadyRung\Strength\CapacityFilter;
use SteadyRung\Strength\Pattern;
use SteadyRung\Strength\RepCurve;
use SteadyRung\Why\Explanation;

/**
 * Says how the stored capacity came about: what its last session did to the belief before it.
 */
final readonly class CapacityView
{
    public function of(Athlete $athlete, Pattern $pattern): WhyResource
    {
        $newest = CapacityRecord::newest($athlete->id, $pattern);
        if ($newest === null) {
            return WhyResource::of('Capacity', new Explanation([], ['No set in the log speaks of it yet.'], ['Log a baseline.']));
        }
        $day = $newest->trained_on;
        $before = CapacityRecord::newest($athlete->id, $pattern, before: $day)?->toCore();
        $update = (new CapacityFilter(RepCurve::steady()))->after($before, LoggedSet::sessions($athlete->id, $pattern, $day)[$day]);

        return WhyResource::of('Capacity', $update->why());
    }
}
