<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Actions\LockAthlete;
use App\Actions\RefreshAthlete;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Models\Screening\PainReport;
use App\Problems\Problem;
use Psr\Clock\ClockInterface;

/**
 * Takes down pain that was told without a set; pulling is paused at once.
 */
final readonly class ReportPain
{
    public function __construct(
        private LockAthlete $athletes,
        private InsertOnce $storeOnce,
        private RefreshAthlete $refresh,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return Inserted<PainReport>
     *
     * @throws Problem if the id holds another report
     */
    public function tell(Athlete $athlete, ?User $coach, PainTold $told): Inserted
    {
        return $this->athletes->during($athlete->id, function (Athlete $athlete) use ($coach, $told): Inserted {
            return $this->note($athlete, $coach, $told, $this->clock->now());
        });
    }

    /**
     * Of an athlete who is held already, as of a moment.
     *
     * @return Inserted<PainReport>
     */
    public function note(Athlete $athlete, ?User $coach, PainTold $told, \DateTimeInterface $at): Inserted
    {
        $stored = $this->storeOnce->store(new PainReport([
            'id' => $told->id,
            'athlete_id' => $athlete->id,
            'user_id' => $coach?->id,
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
