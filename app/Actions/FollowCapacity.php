<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Athlete;
use App\Models\CapacityRecord;
use App\Models\CurrentGym;
use App\Models\LoggedSet;
use SteadyRung\Exercise\Pattern;
use SteadyRung\Strength\CapacityFilter;
use SteadyRung\Strength\CapacityState;

/**
 * Keeps the stored capacity after each session: from a day on, it is followed anew from the state before that day, so
 * a late or corrected set gives the same states as a replay of the whole log.
 */
final readonly class FollowCapacity
{
    public function __construct(private CurrentGym $gym)
    {
    }

    public function from(Athlete $athlete, string $day, Pattern ...$patterns): void
    {
        $filter = CapacityFilter::usual();
        $rows = [];
        foreach ($patterns as $pattern) {
            $state = CapacityRecord::newest($athlete->id, $pattern, before: $day)?->toCore();
            CapacityRecord::of($athlete->id, $pattern)->where('trained_on', '>=', $day)->delete();
            foreach (LoggedSet::sessions($athlete->id, $pattern, $day) as $on => $session) {
                $state = $filter->after($state, $session)->state;
                $rows[] = $this->row($athlete, $pattern, $on, $state);
            }
        }
        CapacityRecord::query()->insert($rows);
    }

    /** @return array<string, string|float> */
    private function row(Athlete $athlete, Pattern $pattern, string $on, CapacityState $state): array
    {
        return [
            'gym_id' => $this->gym->id(),
            'athlete_id' => $athlete->id,
            'pattern' => $pattern->value,
            'trained_on' => $on,
            'mean_log' => $state->meanLog,
            'variance' => $state->variance,
        ];
    }
}
