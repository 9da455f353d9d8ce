<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Requests\WithdrawalInput;
use App\Models\Athlete;
use App\Models\LoggedSet;
use App\Models\User;
use App\Problems\Problem;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;

/**
 * Takes a set back: a new row that names it, so that the log keeps both.
 */
final readonly class WithdrawSet
{
    public function __construct(
        private ConnectionInterface $db,
        private StoreOnce $storeOnce,
        private RefreshAthlete $refresh,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return Stored<LoggedSet>
     *
     * @throws Problem if another row replaced the set already
     */
    public function withdraw(Athlete $athlete, string $setId, User $coach, WithdrawalInput $input): Stored
    {
        return $this->db->transaction(function () use ($athlete, $setId, $coach, $input): Stored {
            $athlete = Athlete::query()->lockForUpdate()->findOrFail($athlete->id);
            $set = LoggedSet::query()->where('athlete_id', $athlete->id)->findOrFail($setId);
            $stored = $this->storeOnce->store(new LoggedSet([
                'id' => $input->id,
                'athlete_id' => $athlete->id,
                'user_id' => $coach->id,
                'replaces_id' => $set->id,
                'withdrawn' => true,
                'purpose' => $set->purpose,
                'performed_at' => $set->performed_at,
                'trained_on' => $set->trained_on,
                'mass_kg' => $set->mass_kg,
                'logged_at' => $this->clock->now(),
            ]), (object) ['withdraws' => $set->id]);
            if ($stored->isNew) {
                $this->refresh->from($athlete, $set->trained_on);
            }

            return $stored;
        });
    }
}
