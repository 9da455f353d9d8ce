<?php

declare(strict_types=1);

namespace App\Actions;

use App\Actions\Deeds\PainTold;
use App\Models\Athlete;
use App\Models\PainReport;
use App\Models\User;
use App\Problems\Problem;
use Psr\Clock\ClockInterface;

/**
 * Takes down pain that was told without a set; pulling is paused at once.
 */
final readonly class TellPain
{
    public function __construct(
        private HoldAthlete $athletes,
        private StoreOnce $storeOnce,
        private RefreshAthlete $refresh,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return Stored<PainReport>
     *
     * @throws Problem if the id holds another report
     */
    public function tell(Athlete $athlete, User $coach, PainTold $told): Stored
    {
        return $this->athletes->during($athlete->id, function (Athlete $athlete) use ($coach, $told): Stored {
            return $this->note($athlete, $coach, $told, $this->clock->now());
        });
    }

    /**
     * Of an athlete who is held already, as of a moment.
     *
     * @return Stored<PainReport>
     */
    public function note(Athlete $athlete, User $coach, PainTold $told, \DateTimeInterface $at): Stored
    {
        $stored = $this->storeOnce->store(new PainReport([
            'id' => $told->id,
            'athlete_id' => $athlete->id,
            'user_id' => $coach->id,
            'pain' => $told->pain,
            'note' => $told->note,
            'told_at' => $at,
        ]), $told, ['athlete' => $athlete->id]);
        if ($stored->isNew) {
            $this->refresh->fromPain($athlete);
        }

        return $stored;
    }
}
