<?php

declare(strict_types=1);

namespace App\Queries\Reports;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Models\Calls\Decision;
use App\Responses\Reports\CallLineResponse;
use App\Responses\Reports\PortionResponse;
use Illuminate\Database\ConnectionInterface;
use SteadyRung\Call\Verdict;
use SteadyRung\Report\FewPeople;
use SteadyRung\Report\Portion;

/**
 * What was decided on the calls of the last half year, and how often the next one of the same athlete took a step down.
 */
final readonly class CallLines
{
    private const DAYS = 182;

    public function __construct(private ConnectionInterface $db, private CurrentGym $gym, private GymDay $days)
    {
    }

    /** @return array{string, list<CallLineResponse>} the day they begin with, and a line for each verdict there was */
    public function lately(): array
    {
        $from = $this->days->daysAgo(self::DAYS);
        $rows = collect($this->db->select(self::SQL, [$this->gym->id(), $from]))->groupBy('verdict');
        $lines = [];
        foreach (Verdict::cases() as $verdict) {
            $of = $rows[$verdict->value] ?? null;
            if ($of !== null) {
                $decided = static fn (Decision $d): int => (int) $of->where('decision', $d->value)->sum('calls');
                $lines[] = new CallLineResponse(
                    verdict: $verdict,
                    open: (int) $of->whereNull('decision')->sum('calls'),
                    accepted: $decided(Decision::Accepted),
                    overridden: $decided(Decision::Overridden),
                    accepted_then_down: self::thenDown($of->where('decision', Decision::Accepted->value)->all()),
                    overridden_then_down: self::thenDown($of->where('decision', Decision::Overridden->value)->all()),
                    warning: FewPeople::warning($of->pluck('athlete_id')->unique()->count()),
                );
            }
        }

        return [$from, $lines];
    }

    /** @param  array<\stdClass>  $rows */
    private static function thenDown(array $rows): PortionResponse
    {
        return PortionResponse::of(Portion::ofEach(array_values(array_map(
            static fn (\stdClass $r): array => [(int) $r->down, (int) $r->followed],
            $rows,
        ))));
    }

    private const SQL = <<<'SQL'
        SELECT verdict, decision, athlete_id, count(*) AS calls, count(next) AS followed, count(*) FILTER (WHERE next = 'step-down') AS down
        FROM (
            SELECT verdict, decision, athlete_id, lead(verdict) OVER (PARTITION BY athlete_id ORDER BY made_at, id) AS next
            FROM calls WHERE gym_id = ? AND made_at >= ?
        ) AS made
        GROUP BY verdict, decision, athlete_id
        SQL;
}
