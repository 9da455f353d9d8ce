<?php

declare(strict_types=1);

namespace App\Actions\Athletes;

use App\Actions\Calls\MakeCall;
use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Actions\LockAthlete;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\Weighing;
use App\Problems\Problem;
use App\Problems\ProblemCode;

/**
 * Notes an athlete's mass on a day, or takes a weighing back; the latest that stands is the mass everything is computed from.
 */
final readonly class WeighAthlete
{
    public function __construct(private LockAthlete $athletes, private InsertOnce $storeOnce, private MakeCall $calls)
    {
    }

    /** @return Inserted<Weighing> */
    public function weigh(Athlete $athlete, MassWeighed $weighed): Inserted
    {
        return $this->athletes->during($athlete->id, function (Athlete $athlete) use ($weighed): Inserted {
            $stored = $this->note($athlete, $weighed->id, $weighed->weighed_on, $weighed->mass_kg);
            if ($stored->isNew) {
                $this->follow($athlete);
            }

            return $stored;
        });
    }

    /**
     * @return Inserted<Weighing>
     *
     * @throws Problem if it is the only one that stands
     */
    public function takeBack(Athlete $athlete, string $weighingId, string $id): Inserted
    {
        return $this->athletes->during($athlete->id, function (Athlete $athlete) use ($weighingId, $id): Inserted {
            $weighing = Weighing::query()->where('athlete_id', $athlete->id)->whereNull('replaces_id')->findOrFail($weighingId);
            $others = Weighing::latestFirst($athlete->id)->whereKeyNot($weighing->id)->exists();
            if (! $others && ! Weighing::query()->whereKey($id)->exists()) {
                throw new Problem(
                    ProblemCode::LastWeighing,
                    'This is the only weighing: add the right one first, then take this one back.',
                );
            }
            $stored = $this->storeOnce->store(new Weighing([
                'id' => $id, 'athlete_id' => $athlete->id, 'weighed_on' => $weighing->weighed_on, 'mass_kg' => $weighing->mass_kg, 'replaces_id' => $weighing->id,
            ]), (object) ['takes_back' => $weighing->id], ['athlete' => $athlete->id]);
            if ($stored->isNew) {
                $this->follow($athlete);
            }

            return $stored;
        });
    }

    /** @return Inserted<Weighing> */
    public function note(Athlete $athlete, string $id, string $day, float $massKg): Inserted
    {
        $columns = ['weighed_on' => $day, 'mass_kg' => $massKg];

        return $this->storeOnce->store(
            new Weighing(['id' => $id, 'athlete_id' => $athlete->id, ...$columns]),
            (object) $columns,
            ['athlete' => $athlete->id],
        );
    }

    private function follow(Athlete $athlete): void
    {
        $athlete->fill(['mass_kg' => Weighing::latestFirst($athlete->id)->firstOrFail()->mass_kg])->save();
        $this->calls->for($athlete, 'The bodyweight changed.');
    }
}
