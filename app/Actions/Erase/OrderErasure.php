<?php

declare(strict_types=1);

namespace App\Actions\Erase;

use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Actions\LockAthlete;
use App\Context\Gym\CurrentGym;
use App\Models\Athletes\Athlete;
use App\Models\Calls\CallRecord;
use App\Models\Erase\Erasure;
use App\Models\Gym\User;
use App\Problems\Problem;
use Illuminate\Contracts\Bus\Dispatcher;
use Psr\Clock\ClockInterface;

/**
 * Has an athlete erased. They are archived at once, so that nothing more comes; a job does the rest, for the application may not.
 */
final readonly class OrderErasure
{
    public function __construct(
        private LockAthlete $athletes,
        private InsertOnce $storeOnce,
        private CurrentGym $gym,
        private ClockInterface $clock,
        private Dispatcher $bus,
    ) {
    }

    /**
     * @return Inserted<Erasure>
     *
     * @throws Problem if the name is another, the gym has settled otherwise since, they are erased already, or the id holds another order
     */
    public function order(Athlete $athlete, User $owner, ErasureOrdered $ordered): Inserted
    {
        return $this->athletes->during($athlete->id, function (Athlete $athlete) use ($owner, $ordered): Inserted {
            $stored = $this->storeOnce->store(new Erasure([
                'id' => $ordered->id,
                'athlete_id' => $athlete->id,
                'user_id' => $owner->id,
                'log' => $ordered->log,
                'ordered_at' => $this->clock->now(),
            ]), $ordered, ['athlete' => $athlete->id], fn () => $this->mustBeMeant($athlete, $ordered));
            $athlete->fill(['archived_at' => $athlete->archived_at ?? $this->clock->now()])->save();
            CallRecord::openOf($athlete->id)?->delete();
            $this->bus->dispatch((new EraseAthleteJob($this->gym->id(), $ordered->id))->afterCommit());

            return $stored;
        });
    }

    private function mustBeMeant(Athlete $athlete, ErasureOrdered $ordered): void
    {
        match (true) {
            $athlete->erased_at !== null => throw Problem::invalid('/name', 'Who this was is erased already.'),
            $ordered->name !== $athlete->name => throw Problem::invalid('/name', "Type the name as it stands here: $athlete->name."),
            $ordered->log !== $this->gym->gym()->erased_log => throw Problem::invalid(
                '/log',
                'What becomes of the training was settled otherwise since. Look again at what would be erased.',
            ),
            default => null,
        };
    }
}
