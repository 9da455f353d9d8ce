<?php

declare(strict_types=1);

namespace App\Actions\Log;

use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Actions\LockAthlete;
use App\Context\Gym\GymDay;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Models\Log\AccessorySet;
use App\Problems\Problem;
use Carbon\CarbonImmutable;
use Psr\Clock\ClockInterface;

/**
 * Takes work beside the pull into the log, and back.
 */
final readonly class LogAccessory
{
    public function __construct(
        private LockAthlete $athletes,
        private InsertOnce $storeOnce,
        private GymDay $days,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return Inserted<AccessorySet>
     *
     * @throws Problem if the id holds another set
     */
    public function log(Athlete $athlete, User $coach, AccessoryDone $set): Inserted
    {
        return $this->athletes->during($athlete->id, fn (Athlete $athlete): Inserted => $this->storeOnce->store(new AccessorySet([
            'id' => $set->id, 'athlete_id' => $athlete->id, 'user_id' => $coach->id, 'trained_on' => $this->days->of($set->performed_at), 'accessory' => $set->accessory->value,
            'reps' => $set->reps, 'seconds' => $set->seconds, 'metres' => $set->metres, 'load_kg' => $set->load_kg, 'performed_at' => CarbonImmutable::instance(
                $set->performed_at,
            ),
        ]), $set, ['athlete' => $athlete->id]));
    }

    /** Whether there is such a set; taken back twice it is gone once. */
    public function takeBack(Athlete $athlete, string $setId): bool
    {
        return $this->athletes->during($athlete->id, function (Athlete $athlete) use ($setId): bool {
            $set = AccessorySet::query()->where('athlete_id', $athlete->id)->find($setId);
            $set?->fill(['taken_back_at' => $set->taken_back_at ?? $this->clock->now()])->save();

            return $set !== null;
        });
    }
}
