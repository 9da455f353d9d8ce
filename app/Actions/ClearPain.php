<?php

declare(strict_types=1);

namespace App\Actions;

use App\Actions\Deeds\ClearingNote;
use App\Models\Athlete;
use App\Models\Clearance;
use App\Models\User;
use App\Problems\Problem;
use Psr\Clock\ClockInterface;

/**
 * Ends a pause for pain with the coach's note; nothing else does.
 */
final readonly class ClearPain
{
    public function __construct(
        private HoldAthlete $athletes,
        private StoreOnce $storeOnce,
        private RefreshAthlete $refresh,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return Stored<Clearance>
     *
     * @throws Problem if the id holds another note
     */
    public function clear(Athlete $athlete, User $coach, ClearingNote $note): Stored
    {
        return $this->athletes->during($athlete->id, function (Athlete $athlete) use ($coach, $note): Stored {
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
