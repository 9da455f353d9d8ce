<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Actions\LockAthlete;
use App\Context\Gym\CurrentGym;
use App\Formats\Day;
use App\Models\Athletes\Athlete;
use App\Models\Floor\GymClass;
use App\Models\Gym\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\ConnectionInterface;

/**
 * Notes who comes to one day of a class and who does not; what was told last stands, whenever it arrives.
 */
final readonly class SetComing
{
    public function __construct(private ConnectionInterface $db, private CurrentGym $gym, private LockAthlete $athletes)
    {
    }

    /** @throws Problem if there is no such class on that day */
    public function tell(string $athleteId, ?User $coach, ComingTold $told): void
    {
        $class = GymClass::query()->find($told->class_id);
        if ($class === null || ! $class->toCore()->isOn(Day::number($told->on))) {
            throw new Problem(ProblemCode::NotFound, 'No such class is held on that day.');
        }
        $this->athletes->during($athleteId, fn (Athlete $athlete) => $this->db->insert(
            'INSERT INTO class_comers (gym_id, class_id, held_on, athlete_id, coming, user_id, told_at) VALUES (?, ?, ?, ?, ?, ?, ?)
             ON CONFLICT (gym_id, class_id, held_on, athlete_id) DO UPDATE SET coming = excluded.coming, user_id = excluded.user_id, told_at = excluded.told_at
             WHERE class_comers.told_at <= excluded.told_at',
            [
                $this->gym->id(),
                $class->id,
                $told->on,
                $athlete->id,
                $told->coming ? 'true' : 'false',
                $coach?->id,
                $told->told_at->format('Y-m-d H:i:s.uP'),
            ],
        ));
    }
}
