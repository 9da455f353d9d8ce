<?php

declare(strict_types=1);

namespace App\Queries\Methods;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Context\Methods\Methods;
use App\Formats\Day;
use App\Formats\Methods\Catalogue;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\CapacityRecord;
use App\Models\Log\LoggedSet;
use App\Models\Log\SignalRecord;
use App\Models\Methods\PlaceChange;
use App\Responses\Methods\OutcomeListResponse;
use App\Responses\Methods\OutcomeResponse;
use App\Responses\Methods\RuleOutcomeResponse;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Method\Outcomes\Followed;
use SteadyRung\Method\Outcomes\Outcome;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Diary\Signal;

/**
 * What followed in this gym from each of its methods and rules, over the last twelve weeks of those who trained last.
 */
final readonly class OutcomeQuery
{
    private const MOST_ATHLETES = 200;

    private const WEEKS = 12;

    private const DAYS_A_WEEK = 7;

    public function __construct(private CurrentGym $gym, private Methods $methods, private GymDay $days)
    {
    }

    public function of(): OutcomeListResponse
    {
        $athletes = array_values(Athlete::trainedLast(self::MOST_ATHLETES)->all());
        $followed = $this->followed($athletes);
        $byMethod = $byRule = [];
        $house = $this->gym->gym()->houseRules();
        foreach ($athletes as $athlete) {
            $method = $this->methods->of($athlete->method_key);
            $byMethod[$method->key][] = $followed[$athlete->id];
            foreach ($house->for($method)->all() as $rule => $position) {
                $byRule[$rule][$position][] = $followed[$athlete->id];
            }
        }
        ksort($byMethod);

        return new OutcomeListResponse(
            self::WEEKS,
            array_map(
                fn (string $key, array $of): OutcomeResponse => OutcomeResponse::of($key, $this->methods->of($key)->name, Outcome::of(self::known($of))),
                array_keys($byMethod),
                array_values($byMethod),
            ),
            self::rules($byRule),
        );
    }

    /**
     * Of rules that all keep to alike nothing can be told.
     *
     * @param  array<string, array<string, list<Followed|null>>>  $byRule
     * @return list<RuleOutcomeResponse>
     */
    private static function rules(array $byRule): array
    {
        $rules = [];
        foreach (HouseRule::cases() as $rule) {
            $positions = $byRule[$rule->value] ?? [];
            if (count($positions) > 1) {
                $words = $rule->positions();
                $rules[] = new RuleOutcomeResponse($rule->value, $rule->point(), array_map(
                    static fn (string $position, array $of): OutcomeResponse => OutcomeResponse::of($position, $words[$position], Outcome::of(self::known($of))),
                    array_keys($positions),
                    array_values($positions),
                ));
            }
        }

        return $rules;
    }

    /**
     * @param  list<Followed|null>  $of
     * @return list<Followed>
     */
    private static function known(array $of): array
    {
        return array_values(array_filter($of));
    }

    /**
     * @param  list<Athlete>  $athletes
     * @return array<string, Followed|null> by athlete; none before two sessions on the method
     */
    private function followed(array $athletes): array
    {
        $ids = array_column($athletes, 'id');
        $from = $this->days->daysAgo(self::DAYS_A_WEEK * self::WEEKS);
        $since = self::since($athletes);
        $capacity = CapacityRecord::query()->whereIn('athlete_id', $ids)->where('pattern', Pattern::Pull)->where('trained_on', '>=', $from)
            ->orderBy('trained_on')->toBase()->get(['athlete_id', 'trained_on', 'share'])->groupBy('athlete_id');
        $sets = LoggedSet::standingOf($ids)->where('trained_on', '>=', $from)->where('purpose', Purpose::Work)->whereNotNull('asked_reps')
            ->whereNotNull('clean_reps')->groupBy('athlete_id', 'trained_on')
            ->selectRaw('athlete_id, trained_on, count(*) AS sets, count(*) FILTER (WHERE '.LoggedSet::FAILED.') AS failed')
            ->get()->groupBy('athlete_id');
        $told = SignalRecord::query()->whereIn('athlete_id', $ids)->where('told_for', '>=', $from)->whereNotNull('soreness')
            ->toBase()->get(['athlete_id', 'told_for', 'soreness'])->groupBy('athlete_id');
        $followed = [];
        foreach ($ids as $id) {
            $begun = max($from, $since[$id] ?? $from);
            $states = ($capacity[$id] ?? collect())->where('trained_on', '>=', $begun)->values();
            [$first, $last] = [$states->first(), $states->last()];
            $done = ($sets[$id] ?? collect())->where('trained_on', '>=', $begun);
            $sore = ($told[$id] ?? collect())->where('told_for', '>=', $begun);
            $followed[$id] = $first === null || $last === null || $first->trained_on === $last->trained_on ? null : new Followed(
                weeks: (Day::number($last->trained_on) - Day::number($first->trained_on)) / self::DAYS_A_WEEK,
                gain: log($last->share / $first->share),
                sets: (int) $done->sum('sets'),
                failed: (int) $done->sum('failed'),
                told: $sore->count(),
                sore: $sore->where('soreness', '>=', Signal::MARKED_SORENESS)->count(),
            );
        }

        return $followed;
    }

    /**
     * @param  list<Athlete>  $athletes
     * @return array<string, string> the day each came to the method they are on; none of whoever never changed it
     */
    private static function since(array $athletes): array
    {
        $keys = array_column($athletes, 'method_key', 'id');
        $since = [];
        $other = array_map(static fn (string $key): bool => $key !== Catalogue::USUAL, $keys);
        $moves = PlaceChange::query()->whereIn('athlete_id', array_keys($keys))->orderBy('made_at')->toBase()->get(['athlete_id', 'method_key', 'since']);
        foreach ($moves as $move) {
            if ($move->method_key !== $keys[$move->athlete_id]) {
                $other[$move->athlete_id] = true;
                unset($since[$move->athlete_id]);
            } elseif ($other[$move->athlete_id]) {
                $since[$move->athlete_id] ??= $move->since;
            }
        }

        return $since;
    }
}
