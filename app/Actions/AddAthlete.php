<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Requests\AthleteInput;
use App\Models\Athlete;
use App\Models\GymDay;
use Illuminate\Database\ConnectionInterface;

/**
 * Takes an athlete on; the mass given is the first weighing.
 */
final readonly class AddAthlete
{
    public function __construct(private ConnectionInterface $db, private StoreOnce $storeOnce, private WeighAthlete $weigh, private GymDay $days)
    {
    }

    /** @return Stored<Athlete> */
    public function add(string $id, AthleteInput $input): Stored
    {
        return $this->db->transaction(function () use ($id, $input): Stored {
            $stored = $this->storeOnce->store(new Athlete(['id' => $id, ...$input->columns()]), $input);
            if ($stored->isNew) {
                $this->weigh->note($stored->record, $id, $this->days->today(), $input->mass_kg);
            }

            return $stored;
        });
    }
}
