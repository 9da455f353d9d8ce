<?php

declare(strict_types=1);

namespace App\Queries\Reports;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Formats\Day;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\CapacityRecord;
use App\Models\Floor\GymClass;
use App\Models\Log\LoggedSet;
use App\Responses\Reports\ClassDayLineResponse;
use App\Responses\Reports\ClassReportResponse;
use App\Responses\Reports\ComerLineResponse;
use App\Responses\Reports\PortionResponse;
use App\Responses\Trend\TrendRange;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Collection;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Report\FewPeople;
use SteadyRung\Report\Portion;

/**
 * What was done in a class: whoever logged a set from half an hour before it begins to half an hour after it ends was there.
 */
final readonly class ClassReportQuery
{
    private const MOST_COMERS = 200;

    private const MOST_DAYS = 731;

    private const BESIDE_MINUTES = 30;

    public function __construct(private ConnectionInterface $db, private CurrentGym $gym, private GymDay $days)
    {
    }

    public function of(GymClass $class, TrendRange $range): ClassReportResponse
    {
        [$from, $to] = [max($this->days->daysAgo($range->days() ?? self::MOST_DAYS), $class->first_on), $this->days->today()];
        $held = $this->held($class, $from, $to);
        $rows = collect($this->done($class, $held));
        $comers = $rows->groupBy('athlete_id')->sortByDesc(static fn (Collection $of): int => $of->count())->take(self::MOST_COMERS);
        $ids = array_values(array_map(strval(...), $comers->keys()->all()));
        $names = Athlete::query()->whereIn('id', $ids)->pluck('name', 'id');
        $capacity = self::capacities($ids, $from);
        $strict = LoggedSet::firstStrictOf($ids, Day::date(Day::number($from) - 1));
        $byDay = $rows->groupBy('trained_on');

        return new ClassReportResponse(
            name: $class->name,
            from: $from,
            to: $to,
            days: array_map(static fn (string $on): ClassDayLineResponse => new ClassDayLineResponse(
                $on,
                ($byDay[$on] ?? collect())->count(),
                (int) ($byDay[$on] ?? collect())->sum('sets'),
                (int) ($byDay[$on] ?? collect())->sum('reps'),
            ), $held),
            comers: array_map(static fn (string $id): ComerLineResponse => new ComerLineResponse(
                athlete_id: $id,
                name: (string) $names->get($id),
                days: $comers[$id]->count(),
                sets: (int) $comers[$id]->sum('sets'),
                reps: (int) $comers[$id]->sum('reps'),
                failed: PortionResponse::of(Portion::of((int) $comers[$id]->sum('failed'), (int) $comers[$id]->sum('asked'))),
                capacity_first: $capacity[$id][0] ?? null,
                capacity_last: $capacity[$id][1] ?? null,
                first_strict_on: $strict[$id] ?? null,
            ), $ids),
            failed: PortionResponse::of(Portion::ofEach(array_values($comers->map(
                static fn (Collection $of): array => [(int) $of->sum('failed'), (int) $of->sum('asked')],
            )->all()))),
            warning: FewPeople::warning(count($ids)),
        );
    }

    /** @return list<string> days, newest first */
    private function held(GymClass $class, string $from, string $to): array
    {
        return $from > $to ? [] : array_map(Day::date(...), array_values(array_filter(
            range(Day::number($to), Day::number($from)),
            $class->toCore()->isOn(...),
        )));
    }

    /**
     * @param  list<string>  $held
     * @return list<\stdClass> a row for each athlete and day
     */
    private function done(GymClass $class, array $held): array
    {
        $from = $to = [];
        foreach ($held as $on) {
            $begins = $class->startsAt($on, $this->gym->timezone());
            $from[] = $begins->modify(sprintf('-%d minutes', self::BESIDE_MINUTES))->format(DATE_ATOM);
            $to[] = $begins->modify(sprintf('+%d minutes', $class->minutes + self::BESIDE_MINUTES))->format(DATE_ATOM);
        }
        $list = static fn (array $of): string => '{'.implode(',', $of).'}';

        return array_values($this->db->select(self::DONE, [$list($held), $list($from), $list($to), $this->gym->id()]));
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, array{float, float}>
     */
    private static function capacities(array $ids, string $from): array
    {
        return CapacityRecord::query()->whereIn('athlete_id', $ids)->where('pattern', Pattern::Pull)->where('trained_on', '>=', $from)
            ->orderBy('trained_on')->toBase()->get(['athlete_id', 'share'])->groupBy('athlete_id')
            ->map(static fn (Collection $of): array => [(float) $of->first()?->share, (float) $of->last()?->share])->all();
    }

    private const DONE = 'SELECT s.athlete_id, s.trained_on, count(*) AS sets, coalesce(sum(s.clean_reps), 0) AS reps,
            count(*) FILTER (WHERE '.LoggedSet::ASKED.') AS asked, count(*) FILTER (WHERE '.LoggedSet::FAILED.') AS failed
        FROM unnest(?::date[], ?::timestamptz[], ?::timestamptz[]) AS held(on_day, from_moment, to_moment)
        JOIN logged_sets s ON s.gym_id = ? AND s.trained_on = held.on_day AND s.performed_at BETWEEN held.from_moment AND held.to_moment
        WHERE NOT s.withdrawn AND s.purpose <> \'home\'
            AND NOT EXISTS (SELECT 1 FROM logged_sets later WHERE later.gym_id = s.gym_id AND later.replaces_id = s.id)
        GROUP BY s.athlete_id, s.trained_on';
}
