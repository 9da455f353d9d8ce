<?php

declare(strict_types=1);

namespace App\Queries\Reports;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Context\Methods\Methods;
use App\Formats\Day;
use App\Formats\Methods\Catalogue;
use App\Models\Athletes\Athlete;
use App\Models\Log\LoggedSet;
use App\Models\Methods\PlaceChange;
use App\Responses\Reports\MethodLineResponse;
use App\Responses\Reports\MethodReportResponse;
use App\Responses\Reports\PortionResponse;
use Illuminate\Database\ConnectionInterface;
use SteadyRung\Report\FewPeople;
use SteadyRung\Report\Portion;
use SteadyRung\Report\Spell;
use SteadyRung\Report\Waiting;

/**
 * Who got to the first strict rep by which method, how long it took, and how many sets failed on the way; of those who trained last.
 */
final readonly class MethodReportQuery
{
    public const MOST_ATHLETES = 500;

    private const DAYS_A_WEEK = 7.0;

    public function __construct(
        private ConnectionInterface $db,
        private CurrentGym $gym,
        private Methods $methods,
        private GymDay $days,
        private CallLines $calls,
    ) {
    }

    public function report(): MethodReportResponse
    {
        $ids = array_values(Athlete::query()->whereNotNull('last_trained_on')->orderByDesc('last_trained_on')->orderBy('id')
            ->limit(self::MOST_ATHLETES)->pluck('id')->map(static fn (mixed $id): string => (string) $id)->all());
        $spells = $this->spells($ids);
        $sets = $this->sets($spells);
        $byMethod = [];
        foreach ($spells as $i => $spell) {
            $byMethod[$spell->method][] = [$spell, $sets[$i] ?? [0, 0]];
        }
        ksort($byMethod);
        [$from, $lines] = $this->calls->lately();

        return new MethodReportResponse(
            count($ids),
            $from,
            $this->days->today(),
            array_map($this->line(...), array_keys($byMethod), array_values($byMethod)),
            $lines,
        );
    }

    /** @param  non-empty-list<array{SpellOnMethod, array{int, int}}>  $followed */
    private function line(string $method, array $followed): MethodLineResponse
    {
        $spells = array_column($followed, 0);
        $waiting = Waiting::of(array_map(
            static fn (SpellOnMethod $s): Spell => new Spell($s->days() / self::DAYS_A_WEEK, $s->gotThere),
            $spells,
        ));
        [$low, $high] = $waiting->medianRange();

        return new MethodLineResponse(
            key: $method,
            name: $this->methods->of($method)->name,
            got_there: PortionResponse::of(Portion::of(
                count(array_filter($spells, static fn (SpellOnMethod $s): bool => $s->gotThere)),
                count($spells),
            )),
            weeks: $waiting->median(),
            weeks_low: $low,
            weeks_high: $high,
            failed: PortionResponse::of(Portion::ofEach(array_column($followed, 1))),
            warning: FewPeople::warning(count($spells)),
        );
    }

    /**
     * From when to when each trained by which method without a strict rep; who had one before begins no spell.
     *
     * @param  list<string>  $ids
     * @return list<SpellOnMethod>
     */
    private function spells(array $ids): array
    {
        $trained = LoggedSet::standingOf($ids)->toBase()->groupBy('athlete_id')
            ->selectRaw('athlete_id, min(trained_on) AS first_on, max(trained_on) AS last_on')->get()->keyBy('athlete_id');
        $strict = LoggedSet::firstStrict($ids);
        $moves = PlaceChange::query()->whereIn('athlete_id', $ids)->orderBy('since')->orderBy('made_at')
            ->get(['athlete_id', 'method_key', 'since'])->groupBy('athlete_id');
        $spells = [];
        foreach ($ids as $id) {
            $days = $trained[$id] ?? null;
            if ($days === null) {
                continue;
            }
            [$method, $from] = [Catalogue::USUAL, $days->first_on];
            foreach ([...($moves[$id] ?? []), null] as $move) {
                if ($move !== null && $move->method_key === $method) {
                    continue;
                }
                $to = $move === null ? $days->last_on : min(Day::date(Day::number($move->since) - 1), $days->last_on);
                $on = $strict[$id] ?? null;
                if (($on === null || $on >= $from) && $to >= $from) {
                    $got = $on !== null && $on <= $to;
                    $spells[] = new SpellOnMethod($id, $method, $from, $got ? $on : $to, $got);
                }
                [$method, $from] = [$move->method_key ?? $method, $move->since ?? $from];
            }
        }

        return array_values(array_filter($spells, static fn (SpellOnMethod $s): bool => $s->gotThere || $s->days() > 0));
    }

    /**
     * Failed sets and all of which so many reps were asked, within each spell.
     *
     * @param  list<SpellOnMethod>  $spells
     * @return array<int, array{int, int}>
     */
    private function sets(array $spells): array
    {
        $list = static fn (string $of): string => '{'.implode(',', array_column($spells, $of)).'}';
        $rows = $this->db->select(self::SETS, [
            $list('athleteId'), $list('from'), $list('to'), $this->gym->id(),
        ]);

        return array_combine(
            array_map(static fn (\stdClass $r): int => (int) $r->n - 1, $rows),
            array_map(static fn (\stdClass $r): array => [(int) $r->failed, (int) $r->sets], $rows),
        );
    }

    private const SETS = 'SELECT spell.n, count(*) AS sets, count(*) FILTER (WHERE '.LoggedSet::FAILED.') AS failed
        FROM unnest(?::uuid[], ?::date[], ?::date[]) WITH ORDINALITY AS spell(athlete_id, from_day, to_day, n)
        JOIN logged_sets s ON s.gym_id = ? AND s.athlete_id = spell.athlete_id AND s.trained_on BETWEEN spell.from_day AND spell.to_day
        WHERE NOT s.withdrawn AND s.purpose = \'work\' AND '.LoggedSet::ASKED.'
            AND NOT EXISTS (SELECT 1 FROM logged_sets later WHERE later.gym_id = s.gym_id AND later.replaces_id = s.id)
        GROUP BY spell.n';
}
