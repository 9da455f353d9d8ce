<?php

declare(strict_types=1);

namespace App\Queries\Trend;

use App\Context\Athletes\LoadEstimate;
use App\Context\Gym\GymDay;
use App\Context\Trend\Forecasts;
use App\Formats\Day;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\CapacityRecord;
use App\Models\Log\LoggedSet;
use App\Queries\Log\BestQuery;
use App\Responses\Trend\ForecastResponse;
use App\Responses\Trend\TrendAheadResponse;
use App\Responses\Trend\TrendMark;
use App\Responses\Trend\TrendMarkResponse;
use App\Responses\Trend\TrendPointResponse;
use App\Responses\Trend\TrendRange;
use App\Responses\Trend\TrendResponse;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\InWords;
use SteadyRung\Strength\Ahead;
use SteadyRung\Strength\Estimate;
use SteadyRung\Strength\Filter\Observation;
use SteadyRung\Strength\Filter\Occasion;
use SteadyRung\Strength\Filter\Side;
use SteadyRung\Strength\Forecast;
use SteadyRung\Strength\Reps\RepCurve;

/**
 * Puts an athlete's trend together: from a month to ten years, never more than some hundred points.
 */
final readonly class TrendQuery
{
    /** So far is looked ahead: a quarter of what is looked back on. */
    private const AHEAD_PART = 4;

    private const AHEAD_WEEKS = [4, 26];

    public function __construct(
        private GymDay $days,
        private LoadEstimate $estimates,
        private Forecasts $forecasts,
        private ForecastQuery $scores,
        private TrendFigures $queries,
        private BestQuery $bests,
    ) {
    }

    public function of(Athlete $athlete, ?Pattern $pattern, TrendRange $range): TrendResponse
    {
        $newest = CapacityRecord::newestByPattern($athlete->id);
        $pattern ??= isset($newest[Pattern::Pull->value]) || $newest === [] ? Pattern::Pull : Pattern::from(array_key_first($newest));
        $estimate = $this->estimates->from($newest[$pattern->value] ?? null);
        $ahead = $this->forecasts->ahead($athlete->id, $estimate);
        $today = $this->days->today();
        $from = $range->days() === null ? $this->queries->firstDay($athlete->id) ?? $today : $this->days->daysAgo($range->days());
        $span = Day::number($today) - Day::number($from);
        $points = $this->queries->points($athlete->id, $pattern, $from, TrendRange::grain($span));

        return new TrendResponse(
            name: $athlete->name,
            pattern: $pattern,
            patterns: array_map(Pattern::from(...), array_keys($newest)),
            range: $range,
            from: $from,
            today: $today,
            points: $this->upToToday($points, $estimate, $today),
            marks: $this->marks($athlete, $pattern, $from, $span, $estimate),
            breaks: $this->queries->breaks($athlete->id, $from, $today),
            ahead: self::shown($ahead, $span),
            first_rep_on: LoggedSet::strict($athlete->id, $pattern)->orderBy('trained_on')->limit(1)->value('trained_on'),
            masses: $this->queries->masses($athlete->id, $from, TrendRange::grain($span)),
            seconds: $this->queries->seconds($athlete->id, $from, TrendRange::grain($span)),
            work: $this->queries->work($athlete->id, $from, TrendRange::sum($span)),
            work_each: TrendRange::sum($span),
            taught: $this->taught($newest[$pattern->value] ?? null),
            forecasts: array_map(
                static fn (Forecast $f): ForecastResponse => ForecastResponse::of($f, $estimate->today),
                in_array($pattern, Forecast::PATTERNS, true) ? $this->forecasts->of($athlete->id, $pattern, $ahead) : [],
            ),
            scores: $this->scores->scores(),
            bests: $this->bests->of($athlete->id),
        );
    }

    /**
     * With what is believed today, where the last session is past.
     *
     * @param  list<TrendPointResponse>  $points
     * @return list<TrendPointResponse>
     */
    private function upToToday(array $points, Estimate $estimate, string $today): array
    {
        $last = $points === [] ? null : $points[count($points) - 1]->on;

        return $estimate->state === null || $last === $today
            ? $points
            : [
                ...$points,
                new TrendPointResponse($today, $estimate->state->share(), $estimate->state->low80(), $estimate->state->high80()),
            ];
    }

    /** @return list<TrendMarkResponse> each telling set; of many years the tests alone */
    private function marks(Athlete $athlete, Pattern $pattern, string $from, int $span, Estimate $estimate): array
    {
        if ($estimate->state === null) {
            return [];
        }
        $curve = RepCurve::steady($estimate->state->k()->mean());
        $marks = [];
        foreach (
            LoggedSet::sessions($athlete->id, $pattern, from: $from, testsOnly: TrendRange::grain($span) !== 'day') as $on => $session
        ) {
            foreach (Observation::telling($session) as $set) {
                $marks[] = new TrendMarkResponse($on, self::kind($set, $curve), exp($set->claim($curve)->logShare), self::words($set));
            }
        }

        return $marks;
    }

    private static function kind(Observation $set, RepCurve $curve): TrendMark
    {
        return match (true) {
            $set->occasion === Occasion::Test => TrendMark::Test,
            $set->claim($curve)->side === Side::LessThan => TrendMark::LessThan,
            $set->claim($curve)->side === Side::AtLeast => TrendMark::AtLeast,
            $set->occasion === Occasion::Baseline => TrendMark::Baseline,
            default => TrendMark::Set,
        };
    }

    private static function words(Observation $set): string
    {
        $share = sprintf('%.0f %%', 100 * $set->load->share);

        return match (true) {
            $set->seconds !== null => InWords::seconds($set->seconds)." at $share",
            $set->reserve === null => "$set->reps clean at $share",
            $set->reserve === 0 => "$set->reps clean at $share, to failure",
            default => "$set->reps clean at $share, $set->reserve left",
        };
    }

    /** @return list<TrendAheadResponse> */
    private static function shown(?Ahead $ahead, int $span): array
    {
        if ($ahead === null) {
            return [];
        }
        [$least, $most] = self::AHEAD_WEEKS;
        $weeks = max($least, min($most, intdiv($span, 7 * self::AHEAD_PART)));

        return array_map(static function (int $week) use ($ahead): TrendAheadResponse {
            $state = $ahead->in($week);

            return new TrendAheadResponse($week, $state->share(), $state->low80(), $state->high80());
        }, range(0, $weeks));
    }

    private function taught(?CapacityRecord $newest): ?string
    {
        $taught = array_values($newest->taught ?? []);

        return $taught[count($taught) - 1] ?? null;
    }
}
