<?php

declare(strict_types=1);

namespace App\Context\Log;

use App\Formats\Day;
use App\Formats\Json\Why\WhySetJson;
use App\Models\Athletes\CapacityRecord;
use App\Models\Log\LoggedSet;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\InWords;
use SteadyRung\Strength\Filter\Observation;

/**
 * The sets that a capacity, and all that is reckoned from it, rests on: those of the last weeks that tell of it, the latest first.
 */
final class SetsBehind
{
    private const MOST = 8;

    private const DAYS = 28;

    /** @return list<WhySetJson> */
    public function of(string $athleteId, ?Pattern $pattern): array
    {
        $newest = $pattern === null ? null : CapacityRecord::newest($athleteId, $pattern);
        if ($pattern === null || $newest === null) {
            return [];
        }
        $days = LoggedSet::sessions($athleteId, $pattern, from: Day::date(Day::number($newest->trained_on) - self::DAYS));
        $ids = array_merge([], ...array_map(static fn (array $day): array => array_keys(Observation::telling($day)), array_values($days)));

        return array_values(LoggedSet::query()->whereIn('id', array_slice($ids, -self::MOST))
            ->orderByDesc('trained_on')->orderByDesc('performed_at')->get()
            ->map(static fn (LoggedSet $set): WhySetJson => new WhySetJson($set->id, $set->trained_on, self::words($set)))->all());
    }

    private static function words(LoggedSet $set): string
    {
        $came = match (true) {
            $set->hang_s !== null => InWords::seconds($set->hang_s),
            $set->to_failure => "$set->clean_reps clean, to failure",
            default => sprintf('%d clean, %s in reserve', $set->clean_reps, $set->reserve ?? 'unknown'),
        };

        return ($set->setup_name ?? 'Hang').": $came";
    }
}
