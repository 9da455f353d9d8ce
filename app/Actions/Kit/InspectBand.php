<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Models\Gym\User;
use App\Models\Kit\Band;
use App\Models\Kit\BandInspection;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;

/**
 * Notes a look at a band; a fault takes it out of use at once.
 */
final readonly class InspectBand
{
    public function __construct(
        private ConnectionInterface $db,
        private InsertOnce $storeOnce,
        private ChangeGear $gear,
        private ClockInterface $clock,
    ) {
    }

    /** @return Inserted<BandInspection> */
    public function inspect(Band $band, User $coach, BandInspected $inspected): Inserted
    {
        return $this->db->transaction(function () use ($band, $coach, $inspected): Inserted {
            $stored = $this->storeOnce->store(new BandInspection([
                'id' => $inspected->id,
                'band_id' => $band->id,
                'user_id' => $coach->id,
                'inspected_on' => $inspected->inspected_on,
                'finding' => $inspected->finding,
                'note' => $inspected->note,
            ]), $inspected, ['band' => $band->id]);
            if ($stored->isNew && $inspected->finding->isFault() && $band->retired_at === null) {
                $this->gear->change($band, ['retired_at' => $this->clock->now()]);
            }

            return $stored;
        });
    }
}
