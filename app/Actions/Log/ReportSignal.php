<?php

declare(strict_types=1);

namespace App\Actions\Log;

use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Actions\LockAthlete;
use App\Actions\RecalculateDue;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Models\Log\SignalRecord;
use App\Problems\Problem;
use Psr\Clock\ClockInterface;
use SteadyRung\Safety\Symptom;

/**
 * Takes down what was told of a day; the call is looked at anew.
 */
final readonly class ReportSignal
{
    public function __construct(private LockAthlete $athletes, private InsertOnce $storeOnce, private ClockInterface $clock)
    {
    }

    /**
     * @return Inserted<SignalRecord>
     *
     * @throws Problem if the id holds something else
     */
    public function tell(Athlete $athlete, ?User $coach, SignalTold $told): Inserted
    {
        return $this->athletes->during($athlete->id, function (Athlete $athlete) use ($coach, $told): Inserted {
            $stored = $this->storeOnce->store(new SignalRecord([
                'id' => $told->id, 'athlete_id' => $athlete->id, 'user_id' => $coach?->id, 'told_for' => $told->on, 'soreness' => $told->soreness,
                'symptoms' => array_map(static fn (Symptom $s): string => $s->value, $told->symptoms), 'gave_out' => $told->gave_out?->value, 'effort' => $told->effort,
                'takes_hold' => $told->takes_hold, 'felt_worked' => $told->felt_worked, 'wall_day' => $told->wall_day, 'told_at' => $this->clock->now(),
            ]), $told, ['athlete' => $athlete->id]);
            if ($stored->isNew) {
                RecalculateDue::later($athlete, $told->on, []);
            }

            return $stored;
        });
    }
}
