<?php

declare(strict_types=1);

namespace App\Actions;

use App\Actions\Deeds\BesideSet;
use App\Models\AccessorySet;
use App\Models\Athlete;
use App\Models\GymDay;
use App\Models\User;
use App\Problems\Problem;
use Carbon\CarbonImmutable;
use Psr\Clock\ClockInterface;

/**
 * Takes work beside the pull into the log, and back.
 */
final readonly class LogBeside
{
    public function __construct(private HoldAthlete $athletes, private StoreOnce $storeOnce, private GymDay $days, private ClockInterface $clock)
    {
    }

    /**
     * @return Stored<AccessorySet>
     *
     * @throws Problem if the id holds another set
     */
    public function log(Athlete $athlete, User $coach, BesideSet $set): Stored
    {
        return $this->athletes->during($athlete->id, fn (Athlete $athlete): Stored => $this->storeOnce->store(new AccessorySet([
            'id' => $set->id, 'athlete_id' => $athlete->id, 'user_id' => $coach->id, 'trained_on' => $this->days->of($set->performed_at), 'accessory' => $set->accessory->value,
            'reps' => $set->reps, 'seconds' => $set->seconds, 'metres' => $set->metres, 'load_kg' => $set->load_kg, 'performed_at' => CarbonImmutable::instance($set->performed_at),
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
