<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Requests\InspectionInput;
use App\Models\Band;
use App\Models\BandInspection;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;

/**
 * Notes a look at a band; a fault takes it out of use at once.
 */
final readonly class InspectBand
{
    public function __construct(
        private ConnectionInterface $db,
        private StoreOnce $storeOnce,
        private ChangeGear $gear,
        private ClockInterface $clock,
    ) {
    }

    /** @return Stored<BandInspection> */
    public function inspect(Band $band, User $coach, InspectionInput $input): Stored
    {
        return $this->db->transaction(function () use ($band, $coach, $input): Stored {
            $stored = $this->storeOnce->store(new BandInspection([
                'id' => $input->id,
                'band_id' => $band->id,
                'user_id' => $coach->id,
                'inspected_on' => $input->inspected_on,
                'finding' => $input->finding,
                'note' => $input->note,
            ]), $input);
            if ($stored->isNew && $input->finding->isFault() && $band->retired_at === null) {
                $this->gear->change($band, ['retired_at' => $this->clock->now()]);
            }

            return $stored;
        });
    }
}
