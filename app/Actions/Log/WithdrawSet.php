<?php

declare(strict_types=1);

namespace App\Actions\Log;

use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Actions\LockAthlete;
use App\Actions\RecalculateDue;
use App\Actions\Scripts\TellWebhooks;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Models\Log\LoggedSet;
use App\Models\Scripts\HookEvent;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Psr\Clock\ClockInterface;

/**
 * Takes a set back: a new row that names it, so that the log keeps both. Pain told with it stays told.
 */
final readonly class WithdrawSet
{
    public function __construct(
        private LockAthlete $athletes,
        private InsertOnce $storeOnce,
        private TellWebhooks $webhooks,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param  string  $id  of the row that withdraws it
     * @return Inserted<LoggedSet>
     *
     * @throws Problem if another row stands for the set already
     */
    public function withdraw(Athlete $athlete, string $setId, ?User $coach, string $id): Inserted
    {
        return $this->athletes->during($athlete->id, function (Athlete $athlete) use ($setId, $coach, $id): Inserted {
            $set = LoggedSet::query()->where('athlete_id', $athlete->id)->find($setId)
                ?? throw new Problem(ProblemCode::NotFound, 'This set is not in the log of this athlete.');
            $gone = LoggedSet::query()->where('replaces_id', $set->id)->where('withdrawn', true)->where('id', '<>', $id)->first();
            if ($gone !== null) {
                return new Inserted($gone, false); // two coaches took it back
            }
            $stored = $this->storeOnce->store(new LoggedSet([
                'id' => $id,
                'athlete_id' => $athlete->id,
                'user_id' => $coach?->id,
                'replaces_id' => $set->id,
                'withdrawn' => true,
                'purpose' => $set->purpose,
                'performed_at' => $set->performed_at,
                'trained_on' => $set->trained_on,
                'mass_kg' => $set->mass_kg,
                'logged_at' => $this->clock->now(),
            ]), (object) ['withdraws' => $set->id], ['athlete' => $athlete->id]);
            if ($stored->isNew) {
                $this->webhooks->of(HookEvent::SetWithdrawn, ['athlete_id' => $athlete->id, 'set_id' => $set->id]);
                RecalculateDue::later($athlete, $set->trained_on, $set->pattern === null ? [] : [$set->pattern]);
            }

            return $stored;
        });
    }
}
