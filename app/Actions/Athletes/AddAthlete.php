<?php

declare(strict_types=1);

namespace App\Actions\Athletes;

use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Actions\Scripts\TellWebhooks;
use App\Context\Gym\GymDay;
use App\Models\Athletes\Athlete;
use App\Models\Scripts\HookEvent;
use Illuminate\Database\ConnectionInterface;

/**
 * Takes an athlete on; the mass given is the first weighing.
 */
final readonly class AddAthlete
{
    public function __construct(
        private ConnectionInterface $db,
        private InsertOnce $storeOnce,
        private WeighAthlete $weigh,
        private GymDay $days,
        private TellWebhooks $webhooks,
    ) {
    }

    /** @return Inserted<Athlete> */
    public function add(string $id, AthleteParticulars $particulars): Inserted
    {
        return $this->db->transaction(function () use ($id, $particulars): Inserted {
            $stored = $this->storeOnce->store(new Athlete(['id' => $id, ...$particulars->columns()]), $particulars);
            if ($stored->isNew) {
                $this->weigh->note($stored->record, $id, $this->days->today(), $particulars->mass_kg);
                $this->webhooks->of(HookEvent::AthleteAdded, ['athlete_id' => $id]);
            }

            return $stored;
        });
    }
}
