<?php

declare(strict_types=1);

namespace App\Queries\Trend;

use App\Context\Gym\CurrentGym;
use App\Models\Athletes\CapacityRecord;
use App\Models\Athletes\Weighing;
use App\Models\Log\LoggedSet;
use App\Responses\Trend\TrendBreakResponse;
use App\Responses\Trend\TrendFigureResponse;
use App\Responses\Trend\TrendPointResponse;
use App\Responses\Trend\TrendSecondsResponse;
use App\Responses\Trend\TrendWorkResponse;
use Illuminate\Database\ConnectionInterface;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Strength\Reps\Volume;

/**
 * What a trend asks of the tables, one bounded query each; pieces of time are those of TrendRange.
 */
final readonly class TrendFigures
{
    private const BREAK_DAYS = 14;

    public function __construct(private ConnectionInterface $db, private CurrentGym $gym)
    {
    }

    public function firstDay(string $athleteId): ?string
    {
        return LoggedSet::query()->where('athlete_id', $athleteId)
            ->orderBy('trained_on')
            ->orderBy('performed_at')
            ->limit(1)
            ->value('trained_on');
    }

    /** @return list<TrendPointResponse> the last of each piece of time */
    public function points(string $athleteId, Pattern $pattern, string $from, string $grain): array
    {
        $rows = CapacityRecord::of($athleteId, $pattern)->where('trained_on', '>=', $from)->toBase()
            ->selectRaw("DISTINCT ON (date_trunc('$grain', trained_on)) trained_on, share, low80, high80")
            ->orderByRaw("date_trunc('$grain', trained_on), trained_on DESC")->get();

        return array_values(
            $rows->map(
                static fn (\stdClass $r): TrendPointResponse => new TrendPointResponse(
                    $r->trained_on,
                    (float) $r->share,
                    (float) $r->low80,
                    (float) $r->high80,
                ),
            )->all(),
        );
    }

    /** @return list<TrendBreakResponse> more than two weeks without a set of any kind */
    public function breaks(string $athleteId, string $from, string $today): array
    {
        $rows = $this->db->select(
            'SELECT before AS from, day AS to FROM (SELECT day, lag(day) OVER (ORDER BY day) AS before FROM (
                SELECT DISTINCT trained_on AS day FROM logged_sets s WHERE gym_id = ? AND athlete_id = ? AND trained_on >= ? AND NOT withdrawn
                    AND NOT EXISTS (SELECT 1 FROM logged_sets later WHERE later.gym_id = s.gym_id AND later.replaces_id = s.id) UNION SELECT ?::date
            ) days) gaps WHERE day - before > ? ORDER BY day',
            [$this->gym->id(), $athleteId, $from, $today, self::BREAK_DAYS],
        );

        return array_map(static fn (\stdClass $r): TrendBreakResponse => new TrendBreakResponse($r->from, $r->to), array_values($rows));
    }

    /** @return list<TrendFigureResponse> the last of each piece of time */
    public function masses(string $athleteId, string $from, string $grain): array
    {
        $rows = Weighing::latestFirst($athleteId)->where('weighed_on', '>=', $from)->toBase()->reorder()
            ->selectRaw("DISTINCT ON (date_trunc('$grain', weighed_on)) weighed_on AS on_day, mass_kg AS figure")
            ->orderByRaw("date_trunc('$grain', weighed_on), weighed_on DESC, created_at DESC")->get();

        return self::figures($rows->all());
    }

    /** The best of each piece of time. */
    public function seconds(string $athleteId, string $from, string $grain): TrendSecondsResponse
    {
        $timed = LoggedSet::standing($athleteId)->where('trained_on', '>=', $from)->toBase()
            ->selectRaw(
                "CASE WHEN held_at = 'hang' THEN 'hang' WHEN held_at IS NOT NULL THEN 'hold' ELSE 'lowering' END AS kind, max(trained_on) AS on_day, max(CASE WHEN held_at IS NOT NULL THEN hang_s ELSE coalesce(down_s, (exercise->>'seconds')::float) END) AS figure",
            )
            ->where(
                static fn ($q) => $q->whereIn('held_at', [HoldAt::Hang->value, HoldAt::Top->value, HoldAt::Middle->value])->orWhere(
                    static fn ($l) => $l->whereRaw("exercise->>'movement' = 'lowering'")->where('clean_reps', '>', 0),
                ),
            )
            ->groupByRaw("1, date_trunc('$grain', trained_on)")->orderBy('on_day')->get()->groupBy('kind');
        $of = static fn (string $kind): array => self::figures($timed->get($kind)?->all() ?? []);

        return new TrendSecondsResponse($of('hang'), $of('hold'), $of('lowering'));
    }

    /** @return list<TrendWorkResponse> */
    public function work(string $athleteId, string $from, string $sum): array
    {
        $rows = LoggedSet::standing($athleteId)->where('trained_on', '>=', $from)->toBase()
            ->selectRaw(
                "date_trunc('$sum', trained_on)::date AS from_day, coalesce(sum(clean_reps * carried_kg * travel_m), 0) AS reps_kg_m, coalesce(sum(CASE WHEN held_at <> 'hang' THEN hang_s ELSE clean_reps * coalesce(down_s, (exercise->>'seconds')::float) END), 0) AS controlled_s",
            )
            ->groupByRaw('1')->orderBy('from_day')->get();

        return array_values(
            $rows->map(
                static fn (\stdClass $r): TrendWorkResponse => new TrendWorkResponse(
                    $r->from_day,
                    Volume::kilojoules((float) $r->reps_kg_m),
                    (float) $r->controlled_s,
                ),
            )->all(),
        );
    }

    /**
     * @param  array<\stdClass>  $rows
     * @return list<TrendFigureResponse>
     */
    private static function figures(array $rows): array
    {
        return array_map(
            static fn (\stdClass $r): TrendFigureResponse => new TrendFigureResponse($r->on_day, (float) $r->figure),
            array_values($rows),
        );
    }
}
