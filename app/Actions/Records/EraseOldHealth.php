<?php

declare(strict_types=1);

namespace App\Actions\Records;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Models\Gym\Gym;
use Illuminate\Database\ConnectionInterface;

/**
 * Erases what was told of health longer ago than a gym keeps it, as a role of the database that may. What still holds stays: each
 * athlete's last screen and last clearing note, and pain that nobody cleared or undid.
 */
final readonly class EraseOldHealth
{
    /** The last note that cleared an athlete; what was told before it is over. */
    private const OVER = '(EXISTS (SELECT 1 FROM clearances c
        WHERE c.gym_id = t.gym_id AND c.athlete_id = t.athlete_id AND c.cleared_at >= t.%1$s)
        OR EXISTS (SELECT 1 FROM pain_undoings u WHERE u.gym_id = t.gym_id AND u.athlete_id = t.athlete_id AND u.told_at = t.%1$s))';

    private const LATER = 'EXISTS (SELECT 1 FROM %1$s l WHERE l.gym_id = t.gym_id AND l.athlete_id = t.athlete_id AND l.%2$s > t.%2$s)';

    /** @param  ConnectionInterface  $eraser  signed in as who may delete */
    public function __construct(private ConnectionInterface $eraser, private CurrentGym $gym, private GymDay $days)
    {
    }

    /** @return int rows erased or blanked, of all gyms that keep it for a time */
    public function everywhere(): int
    {
        $rows = 0;
        foreach (Gym::query()->whereNotNull('keep_health_years')->orderBy('id')->get() as $gym) {
            $this->gym->enter($gym);
            $rows += $this->before($this->days->yearsAgo((int) $gym->keep_health_years));
        }

        return $rows;
    }

    private function before(\DateTimeInterface $moment): int
    {
        [$gym, $at] = [$this->gym->id(), $moment->format('Y-m-d H:i:s.uP')];

        return $this->eraser->transaction(fn (): int => array_sum(array_map(
            fn (string $statement): int => $this->eraser->affectingStatement($statement, [$gym, $at]),
            self::statements(),
        )));
    }

    /** @return non-empty-list<string> in an order in which nothing pauses anew; each of a gym and a moment */
    private static function statements(): array
    {
        $over = static fn (string $at): string => sprintf(self::OVER, $at);
        $later = static fn (string $table, string $at): string => sprintf(self::LATER, $table, $at);
        $oldScreens = "screenings t WHERE t.gym_id = ? AND t.screened_at < ? AND {$later('screenings', 'screened_at')}";

        return [
            "DELETE FROM screening_looks WHERE (gym_id, screening_id) IN (SELECT t.gym_id, t.id FROM $oldScreens)",
            "DELETE FROM $oldScreens",
            "UPDATE logged_sets t SET pain = NULL, pain_told_at = NULL
                WHERE t.gym_id = ? AND t.pain_told_at < ? AND {$over('pain_told_at')}",
            "DELETE FROM pain_reports t WHERE t.gym_id = ? AND t.told_at < ? AND {$over('told_at')}",
            "UPDATE signals t SET symptoms = '[]' WHERE t.gym_id = ? AND t.told_at < ? AND t.symptoms <> '[]' AND {$over('told_at')}",
            'DELETE FROM pain_undoings t WHERE t.gym_id = ? AND t.told_at < ?',
            "DELETE FROM clearances t WHERE t.gym_id = ? AND t.cleared_at < ? AND {$later('clearances', 'cleared_at')}",
            "DELETE FROM calls t WHERE t.gym_id = ? AND t.decided_at < ? AND t.verdict = 'refer' AND {$later('calls', 'decided_at')}",
            "DELETE FROM session_sheets t WHERE t.gym_id = ? AND t.written_at < ? AND jsonb_typeof(t.sheet) = 'string'",
        ];
    }
}
