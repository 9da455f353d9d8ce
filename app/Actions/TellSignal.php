<?php

declare(strict_types=1);

namespace App\Actions;

use App\Actions\Deeds\SignalTold;
use App\Models\Athlete;
use App\Models\SignalRecord;
use App\Models\User;
use App\Problems\Problem;
use Psr\Clock\ClockInterface;
use SteadyRung\Safety\Symptom;

/**
 * Takes down what was told of a day; the call is looked at anew.
 */
final readonly class TellSignal
{
    public function __construct(private HoldAthlete $athletes, private StoreOnce $storeOnce, private ClockInterface $clock)
    {
    }

    /**
     * @return Stored<SignalRecord>
     *
     * @throws Problem if the id holds something else
     */
    public function tell(Athlete $athlete, User $coach, SignalTold $told): Stored
    {
        return $this->athletes->during($athlete->id, function (Athlete $athlete) use ($coach, $told): Stored {
            $stored = $this->storeOnce->store(new SignalRecord([
                'id' => $told->id, 'athlete_id' => $athlete->id, 'user_id' => $coach->id, 'told_for' => $told->on, 'soreness' => $told->soreness,
                'symptoms' => array_map(static fn (Symptom $s): string => $s->value, $told->symptoms), 'gave_out' => $told->gave_out?->value, 'effort' => $told->effort,
                'takes_hold' => $told->takes_hold, 'felt_worked' => $told->felt_worked, 'wall_day' => $told->wall_day, 'told_at' => $this->clock->now(),
            ]), $told, ['athlete' => $athlete->id]);
            if ($stored->isNew) {
                CatchUp::later($athlete, $told->on, []);
            }

            return $stored;
        });
    }
}
