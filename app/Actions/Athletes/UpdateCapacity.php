<?php

declare(strict_types=1);

namespace App\Actions\Athletes;

use App\Context\Athletes\CapacityBefore;
use App\Context\Gym\CurrentGym;
use App\Formats\Stored\StoredCapacity;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\CapacityRecord;
use App\Models\Log\LoggedSet;
use Illuminate\Database\Eloquent\Collection;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Strength\Filter\CapacityFilter;
use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Filter\CapacityUpdate;
use SteadyRung\Strength\Filter\Observation;

/**
 * Keeps the stored capacity after each session: from a day on, it is followed anew from the state before that day, so
 * a late or corrected set gives the same states as a replay of the whole log.
 */
final readonly class UpdateCapacity
{
    /** Of so many latest days the whole state is kept. */
    private const KEPT_WHOLE = 2;

    /** Rows are written so many at a time. */
    private const AT_ONCE = 500;

    public function __construct(private CurrentGym $gym, private CapacityBefore $before)
    {
    }

    public function from(Athlete $athlete, string $day, Pattern ...$patterns): void
    {
        foreach ($patterns as $pattern) {
            if ($this->isFollowed($athlete, $pattern, $day)) {
                continue;
            }
            $from = $this->latest($athlete, $pattern, $day)->whereNull('state')->min('trained_on') ?? $day;
            $latest = $this->latest($athlete, $pattern, $from)->pluck('trained_on')->all();
            $state = $this->before->of($athlete->id, $pattern, $from);
            CapacityRecord::of($athlete->id, $pattern)->where('trained_on', '>=', $from)->delete();
            $rows = $this->rows($athlete, $pattern, $from, $state, $latest[0] ?? null);
            foreach (array_chunk($rows, self::AT_ONCE) as $some) {
                CapacityRecord::query()->insert($some);
            }
            $outdated = array_slice($latest, max(0, self::KEPT_WHOLE - count($rows)));
            if ($outdated !== []) {
                CapacityRecord::of($athlete->id, $pattern)->whereIn(
                    'trained_on',
                    $outdated,
                )->where('opens_month', false)->update(['state' => null]);
            }
        }
    }

    /** Whether the same sets tell of it as told before: most sets of a day are done too tired to tell, and rows of the log never change. */
    private function isFollowed(Athlete $athlete, Pattern $pattern, string $day): bool
    {
        $known = CapacityRecord::of($athlete->id, $pattern)->where(
            'trained_on',
            '>=',
            $day,
        )->pluck('taught', 'trained_on')->map(self::ids(...));
        $telling = array_filter(array_map(
            static fn (array $session): array => self::ids(Observation::telling($session)),
            LoggedSet::sessions($athlete->id, $pattern, from: $day),
        ));

        return $known->sortKeys()->all() === $telling;
    }

    /**
     * @param  array<string, mixed>  $sets
     * @return list<string>
     */
    private static function ids(array $sets): array
    {
        $ids = array_keys($sets);
        sort($ids);

        return $ids;
    }

    /**
     * The days before a day that may be the latest once it is followed anew, newest first.
     *
     * @return Collection<int, CapacityRecord>
     */
    private function latest(Athlete $athlete, Pattern $pattern, string $before): Collection
    {
        return CapacityRecord::of($athlete->id, $pattern)->where('trained_on', '<', $before)
            ->orderByDesc('trained_on')
            ->limit(self::KEPT_WHOLE)
            ->get(['trained_on', 'state']);
    }

    /** @return list<array<string, mixed>> one a day */
    private function rows(Athlete $athlete, Pattern $pattern, string $from, ?CapacityState $state, ?string $lastDay): array
    {
        $filter = CapacityFilter::usual();
        $rows = [];
        foreach (LoggedSet::sessions($athlete->id, $pattern, from: $from) as $on => $session) {
            $updates = CapacityUpdate::ofDay($filter, $state, $session);
            if ($updates === []) {
                continue;
            }
            $state = $updates[array_key_last($updates)]->after;
            if (isset($rows[count($rows) - self::KEPT_WHOLE]) && ! $rows[count($rows) - self::KEPT_WHOLE]['opens_month']) {
                $rows[count($rows) - self::KEPT_WHOLE]['state'] = null;
            }
            $rows[] = [
                'gym_id' => $this->gym->id(),
                'athlete_id' => $athlete->id,
                'pattern' => $pattern->value,
                'trained_on' => $on,
                'share' => $state->share(),
                'low80' => $state->low80(),
                'high80' => $state->high80(),
                'opens_month' => $lastDay === null || substr($lastDay, 0, 7) !== substr($on, 0, 7),
                'taught' => json_encode(array_map(static fn (CapacityUpdate $u): string => $u->taught(), $updates), JSON_THROW_ON_ERROR),
                'state' => StoredCapacity::write($state),
            ];
            $lastDay = $on;
        }

        return $rows;
    }
}
