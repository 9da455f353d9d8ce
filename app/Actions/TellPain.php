<?php

declare(strict_types=1);

namespace App\Actions;

use App\Actions\Deeds\PainTold;
use App\Models\Athlete;
use App\Models\PainReport;
use App\Models\User;
use App\Problems\Problem;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;

/**
 * Takes down pain that was told without a set; pulling is paused at once.
 */
final readonly class TellPain
{
    public function __construct(
        private ConnectionInterface $db,
        private StoreOnce $storeOnce,
        private WatchPain $pain,
        private MakeCall $calls,
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
        return $this->db->transaction(function () use ($athlete, $coach, $told): Stored {
            $athlete = Athlete::query()->lockForUpdate()->findOrFail($athlete->id);
            $stored = $this->storeOnce->store(new PainReport([
                'id' => $told->id,
                'athlete_id' => $athlete->id,
                'user_id' => $coach->id,
                'pain' => $told->pain,
                'note' => $told->note,
                'told_at' => $this->clock->now(),
            ]), $told, ['athlete' => $athlete->id]);
            if ($stored->isNew) {
                $this->pain->of($athlete);
                $this->calls->for($athlete);
            }

            return $stored;
        });
    }
}
