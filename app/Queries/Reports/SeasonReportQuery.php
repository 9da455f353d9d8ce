<?php

declare(strict_types=1);

namespace App\Queries\Reports;

use App\Context\Gym\GymDay;
use App\Context\Methods\Methods;
use App\Formats\Day;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\CapacityRecord;
use App\Models\Athletes\Weighing;
use App\Models\Calls\CallRecord;
use App\Models\Calls\Decision;
use App\Models\Log\LoggedSet;
use App\Models\Methods\PlaceChange;
use App\Queries\Log\BestQuery;
use App\Queries\Trend\TrendFigures;
use App\Responses\Reports\DecidedLineResponse;
use App\Responses\Reports\NoCountLineResponse;
use App\Responses\Reports\PortionResponse;
use App\Responses\Reports\SeasonReportResponse;
use App\Responses\Reports\StageLineResponse;
use App\Responses\Trend\TrendPointResponse;
use App\Responses\Trend\TrendRange;
use App\Responses\Trend\TrendWorkResponse;
use Illuminate\Database\Query\Expression;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Plan\Diary\NoCount;
use SteadyRung\Report\Portion;

/**
 * What an athlete did over some months, what came of it, and what was decided.
 */
final readonly class SeasonReportQuery
{
    private const MOST_STAGES = 60;

    public function __construct(
        private GymDay $days,
        private Methods $methods,
        private TrendFigures $figures,
        private BestQuery $bests,
    ) {
    }

    public function of(Athlete $athlete, TrendRange $range): SeasonReportResponse
    {
        $today = $this->days->today();
        $from = $range->days() === null ? $this->figures->firstDay($athlete->id) ?? $today : $this->days->daysAgo($range->days());
        $done = LoggedSet::standing($athlete->id)->where('trained_on', '>=', $from)->toBase()->selectRaw(
            'count(*) AS sets, count(DISTINCT trained_on) AS days, coalesce(sum(clean_reps), 0) AS reps,
            count(*) FILTER (WHERE '.LoggedSet::ASKED.') AS asked, count(*) FILTER (WHERE '.LoggedSet::FAILED.') AS failed,
            coalesce(max(clean_reps) FILTER (WHERE pattern = ? AND '.LoggedSet::STRICT.'), 0) AS strict',
            [Pattern::Pull->value],
        )->first();
        $work = collect($this->figures->work($athlete->id, $from, TrendRange::sum(Day::number($today) - Day::number($from))));

        return new SeasonReportResponse(
            name: $athlete->name,
            range: $range,
            from: $from,
            to: $today,
            days: (int) $done?->days,
            sets: (int) $done?->sets,
            reps: (int) $done?->reps,
            failed: PortionResponse::of(Portion::of((int) $done?->failed, (int) $done?->asked)),
            no_counts: self::noCounts($athlete->id, $from),
            work_kj: $work->sum(static fn (TrendWorkResponse $w): float => $w->kj),
            controlled_s: $work->sum(static fn (TrendWorkResponse $w): float => $w->controlled_s),
            capacity_first: self::capacity($athlete->id, '<=', $from) ?? self::capacity($athlete->id, '>=', $from, 'asc'),
            capacity_last: self::capacity($athlete->id, '<=', $today),
            mass_first_kg: Weighing::massOn($athlete->id, $from),
            mass_last_kg: Weighing::massOn($athlete->id, $today),
            strict_reps: (int) $done?->strict,
            first_strict_on: LoggedSet::firstStrictOf([$athlete->id], Day::date(Day::number($from) - 1))[$athlete->id] ?? null,
            bests: $this->bests->of($athlete->id, $from),
            stages: $this->stages($athlete, $from),
            calls: self::decided($athlete->id, $from),
            breaks: $this->figures->breaks($athlete->id, $from, $today),
        );
    }

    private static function capacity(string $athleteId, string $than, string $day, string $order = 'desc'): ?TrendPointResponse
    {
        $row = CapacityRecord::of($athleteId, Pattern::Pull)->where('trained_on', $than, $day)->toBase()
            ->reorder('trained_on', $order)->first(['trained_on', 'share', 'low80', 'high80']);

        return $row === null
            ? null
            : new TrendPointResponse($row->trained_on, (float) $row->share, (float) $row->low80, (float) $row->high80);
    }

    /** @return list<NoCountLineResponse> */
    private static function noCounts(string $athleteId, string $from): array
    {
        $counted = LoggedSet::standing($athleteId)->where('trained_on', '>=', $from)->whereNotNull('no_counts')->toBase()
            ->crossJoin(new Expression('jsonb_each_text(no_counts) AS told(reason, reps)'))
            ->groupByRaw('told.reason')->selectRaw('told.reason, sum(told.reps::int) AS reps')->orderByRaw('2 DESC, 1')->get();

        return array_values($counted->map(
            static fn (\stdClass $r): NoCountLineResponse => new NoCountLineResponse(NoCount::from($r->reason), (int) $r->reps),
        )->all());
    }

    /** @return list<StageLineResponse> the one stood at when the time began, and each since */
    private function stages(Athlete $athlete, string $from): array
    {
        $moves = PlaceChange::query()->where('athlete_id', $athlete->id)->orderByDesc('since')->orderByDesc('made_at')
            ->limit(self::MOST_STAGES)->get()->reverse()->values();

        return array_values($moves->where('since', '<', $from)->take(-1)->concat($moves->where('since', '>=', $from))->map(function (PlaceChange $move): StageLineResponse {
            $method = $this->methods->find($move->method_key);

            return new StageLineResponse(
                $method->name ?? $move->method_key,
                $method?->find($move->stage_key)->name ?? $move->stage_key,
                $move->since,
            );
        })->all());
    }

    /** @return list<DecidedLineResponse> but for those that refer: they speak of health */
    private static function decided(string $athleteId, string $from): array
    {
        $rows = CallRecord::query()->where('athlete_id', $athleteId)->where('made_at', '>=', $from)->whereNotNull('decision')
            ->where('verdict', '<>', Verdict::Refer)->toBase()
            ->groupBy('verdict', 'decision')->selectRaw('verdict, decision, count(*) AS calls')->get()->groupBy('verdict');
        $lines = [];
        foreach (Verdict::cases() as $verdict) {
            $of = ($rows[$verdict->value] ?? collect())->pluck('calls', 'decision');
            if ($of->isNotEmpty()) {
                $lines[] = new DecidedLineResponse(
                    $verdict,
                    (int) $of->get(Decision::Accepted->value, 0),
                    (int) $of->get(Decision::Overridden->value, 0),
                );
            }
        }

        return $lines;
    }
}
