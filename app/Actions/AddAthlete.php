<?php

declare(strict_types=1);

namespace App\Actions;

use App\Actions\Deeds\AthleteParticulars;
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
    public function add(string $id, AthleteParticulars $particulars): Stored
    {
        return $this->db->transaction(function () use ($id, $particulars): Stored {
            $stored = $this->storeOnce->store(new Athlete(['id' => $id, ...$particulars->columns()]), $particulars);
            if ($stored->isNew) {
                $this->weigh->note($stored->record, $id, $this->days->today(), $particulars->mass_kg);
            }

            return $stored;
        });
    }
}
