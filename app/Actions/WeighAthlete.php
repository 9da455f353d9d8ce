<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Requests\WeighingInput;
use App\Models\Athlete;
use App\Models\Weighing;
use Illuminate\Database\ConnectionInterface;

/**
 * Notes an athlete's mass on a day; the latest weighing is the mass everything is computed from.
 */
final readonly class WeighAthlete
{
    public function __construct(private ConnectionInterface $db, private StoreOnce $storeOnce, private MakeCall $calls)
    {
    }

    /** @return Stored<Weighing> */
    public function weigh(Athlete $athlete, WeighingInput $input): Stored
    {
        return $this->db->transaction(function () use ($athlete, $input): Stored {
            $athlete = Athlete::query()->lockForUpdate()->findOrFail($athlete->id);
            $stored = $this->note($athlete, $input->id, $input->weighed_on, $input->mass_kg);
            if ($stored->isNew) {
                $athlete->fill(['mass_kg' => Weighing::latestFirst($athlete->id)->firstOrFail()->mass_kg])->save();
                $this->calls->for($athlete);
            }

            return $stored;
        });
    }

    /** @return Stored<Weighing> */
    public function note(Athlete $athlete, string $id, string $day, float $massKg): Stored
    {
        $columns = ['athlete_id' => $athlete->id, 'weighed_on' => $day, 'mass_kg' => $massKg];

        return $this->storeOnce->store(new Weighing(['id' => $id, ...$columns]), (object) $columns);
    }
}
