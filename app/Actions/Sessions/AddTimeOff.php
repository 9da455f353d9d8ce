<?php

declare(strict_types=1);

namespace App\Actions\Sessions;

use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Models\Sessions\TimeOffRecord;
use Psr\Clock\ClockInterface;

/**
 * Notes days off ahead, of the gym or of one athlete, and takes them back; the weeks ahead follow.
 */
final readonly class AddTimeOff
{
    public function __construct(private InsertOnce $storeOnce, private ClockInterface $clock)
    {
    }

    /** @return Inserted<TimeOffRecord> */
    public function tell(Athlete $athlete, User $coach, TimeOffTold $told): Inserted
    {
        return $this->storeOnce->store(new TimeOffRecord([
            'id' => $told->id, 'athlete_id' => $told->of_gym ? null : $athlete->id, 'user_id' => $coach->id, 'from_on' => $told->from, 'to_on' => $told->to, 'why' => $told->why, 'told_at' => $this->clock->now(),
        ]), $told, ['athlete' => $athlete->id]);
    }

    public function takeBack(Athlete $athlete, string $id): void
    {
        TimeOffRecord::query()->where(
            static fn ($q) => $q->whereNull('athlete_id')->orWhere('athlete_id', $athlete->id),
        )->whereNull('taken_back_at')->findOrFail($id)
            ->fill(['taken_back_at' => $this->clock->now()])->save();
    }
}
