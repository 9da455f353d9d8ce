<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use App\Formats\Json\Setups\ExerciseJson;
use App\Models\Athletes\Athlete;
use OpenApi\Attributes as OA;
use SteadyRung\Plan\Workout\Part;

/**
 * What one athlete does of a class workout.
 */
#[OA\Schema(schema: 'WorkoutPart')]
final readonly class WorkoutPartResponse
{
    /**
     * @param  list<list<int>>  $rounds
     * @param  list<string>  $partners
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $athlete_id,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'What is done; none where nothing is, the note says why.')]
        public ?string $variation,
        #[OA\Property(description: 'The set-up; none of work beside the pull.')]
        public ?string $setup_name,
        #[OA\Property]
        public ?ExerciseJson $exercise,
        #[OA\Property(description: 'Carried, of bodyweight; none where nobody knows.')]
        public ?float $share,
        #[OA\Property(
            description: 'Reps of each set, round by round.',
            items: new OA\Items(type: 'array', items: new OA\Items(type: 'integer')),
        )]
        public array $rounds,
        #[OA\Property(description: 'Work and the rests between, likely.')]
        public ?float $lasts_s,
        #[OA\Property(description: 'Who takes turns on the same set-up.', items: new OA\Items(type: 'string'))]
        public array $partners,
        #[OA\Property(description: 'Sets of a workout logged on it that day.')]
        public int $sets_done,
        #[OA\Property]
        public ?string $note,
    ) {
    }

    /** @param  list<string>  $partners */
    public static function of(Athlete $athlete, Part $part, array $partners, int $done): self
    {
        return new self(
            athlete_id: $athlete->id,
            name: $athlete->name,
            variation: $part->variation?->name,
            setup_name: $part->rung?->name,
            exercise: $part->rung === null ? null : ExerciseJson::of($part->rung->exercise),
            share: $part->rung?->holds() === true ? $part->rung->share() : null,
            rounds: $part->split->rounds ?? [],
            lasts_s: $part->split?->lastsS(),
            partners: $partners,
            sets_done: $done,
            note: $part->note,
        );
    }
}
