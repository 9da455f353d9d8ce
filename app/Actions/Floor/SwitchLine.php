<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Actions\LockAthlete;
use App\Context\Gym\CurrentGym;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use Illuminate\Database\ConnectionInterface;

/**
 * Notes what is done in the place of a line of the day; what was told last stands, whenever it arrives.
 */
final readonly class SwitchLine
{
    public function __construct(private ConnectionInterface $db, private CurrentGym $gym, private LockAthlete $athletes)
    {
    }

    public function tell(string $athleteId, User $coach, LineSwitched $told): void
    {
        $this->athletes->during($athleteId, fn (Athlete $athlete) => $this->db->insert(
            'INSERT INTO line_switches (gym_id, athlete_id, held_on, line, rung_key, user_id, told_at) VALUES (?, ?, ?, ?, ?, ?, ?)
             ON CONFLICT (gym_id, athlete_id, held_on, line) DO UPDATE SET rung_key = excluded.rung_key, user_id = excluded.user_id, told_at = excluded.told_at
             WHERE line_switches.told_at <= excluded.told_at',
            [$this->gym->id(), $athlete->id, $told->on, $told->line, $told->rung_key, $coach->id, $told->told_at->format('Y-m-d H:i:s.uP')],
        ));
    }
}
