<?php

declare(strict_types=1);

namespace App\Queries\Floor;

use App\Context\Athletes\LoadAthleteContext;
use App\Formats\Methods\Library;
use App\Models\Athletes\Athlete;
use App\Models\Floor\GymClass;
use App\Models\Log\LoggedSet;
use App\Responses\Floor\WorkoutPartResponse;
use App\Responses\Floor\WorkoutResponse;
use SteadyRung\Plan\Workout\ClassWorkout;
use SteadyRung\Plan\Workout\Part;
use SteadyRung\Plan\Workout\Task;

/**
 * A class workout for all who come on a day, and how much of it each has done.
 */
final readonly class WorkoutQuery
{
    public function __construct(private ComersQuery $comers, private LoadAthleteContext $contexts)
    {
    }

    /** @param  int|null  $set  most reps in a row; none as the task wants it */
    public function of(GymClass $class, string $on, Task $task, ?int $set): WorkoutResponse
    {
        $coming = $this->comers->of($class, $on)->coming();
        $set ??= $task->usualSet();
        $workout = new ClassWorkout($task, $set, Library::variations());
        $done = $this->done($coming, $on);
        $parts = array_map(fn (Athlete $a): Part => $workout->add($this->contexts->of($a, on: $on)->beforeToday()), $coming);

        return new WorkoutResponse(
            $task->words(),
            $task->rounds,
            $set,
            array_map(
                static fn (Athlete $a, Part $p): WorkoutPartResponse => WorkoutPartResponse::of(
                    $a,
                    $p,
                    self::partners($p, $parts, $coming, $a),
                    $done[$a->id][$p->rung?->key()] ?? 0,
                ),
                $coming,
                $parts,
            ),
        );
    }

    /**
     * Who takes turns on the same set-up.
     *
     * @param  list<Part>  $parts
     * @param  list<Athlete>  $coming
     * @return list<string> names
     */
    private static function partners(Part $part, array $parts, array $coming, Athlete $of): array
    {
        $same = array_filter(
            $coming,
            static fn (Athlete $a, int $i): bool => $a->id !== $of->id
                && $part->rung !== null
                && $parts[$i]->rung?->key() === $part->rung->key(),
            ARRAY_FILTER_USE_BOTH,
        );

        return array_values(array_map(static fn (Athlete $a): string => $a->name, $same));
    }

    /**
     * @param  list<Athlete>  $athletes
     * @return array<string, array<string, int>> work sets of the day by athlete and set-up
     */
    private function done(array $athletes, string $on): array
    {
        $done = [];
        $sets = LoggedSet::standingOf(array_column($athletes, 'id'))->where('trained_on', $on)->where('line', WorkoutResponse::LINE)
            ->whereNotNull('exercise')->limit(WorkoutResponse::MOST_SETS)->get(['athlete_id', 'exercise', 'id', 'gym_id']);
        foreach ($sets as $set) {
            $key = (string) $set->exercise?->key();
            $done[$set->athlete_id][$key] = ($done[$set->athlete_id][$key] ?? 0) + 1;
        }

        return $done;
    }
}
