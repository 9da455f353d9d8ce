<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Actions\LockAthlete;
use App\Actions\RefreshAthlete;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Models\Screening\Clearance;
use App\Problems\Problem;
use Psr\Clock\ClockInterface;

/**
 * Ends a pause for pain with the coach's note; nothing else does.
 */
final readonly class ClearPain
{
    public function __construct(
        private LockAthlete $athletes,
        private InsertOnce $storeOnce,
        private RefreshAthlete $refresh,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return Inserted<Clearance>
     *
     * @throws Problem if the id holds another note
     */
    public function clear(Athlete $athlete, User $coach, ClearingNote $note): Inserted
    {
        return $this->athletes->during($athlete->id, function (Athlete $athlete) use ($coach, $note): Inserted {
            $stored = $this->storeOnce->store(new Clearance([
                'id' => $note->id,
                'athlete_id' => $athlete->id,
                'user_id' => $coach->id,
                'note' => $note->note,
                'cleared_at' => $this->clock->now(),
            ]), $note, ['athlete' => $athlete->id]);
            if ($stored->isNew) {
                $this->refresh->fromPain($athlete);
            }

            return $stored;
        });
    }
}
