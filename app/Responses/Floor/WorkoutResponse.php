<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use OpenApi\Attributes as OA;

/**
 * A class workout, split for everybody who comes.
 */
#[OA\Schema]
final readonly class WorkoutResponse
{
    /** What its sets are logged for, in the place of a line of the session. */
    public const LINE = 'workout';

    /** Nobody looks at more of one day. */
    public const MOST_SETS = 5000;

    /**
     * @param  list<int>  $rounds
     * @param  list<WorkoutPartResponse>  $parts
     */
    public function __construct(
        #[OA\Property(description: 'The task as it was understood.')]
        public string $task,
        #[OA\Property(description: 'Pulls of each round.', items: new OA\Items(type: 'integer'))]
        public array $rounds,
        #[OA\Property(description: 'The most reps in a row.')]
        public int $set,
        #[OA\Property(items: new OA\Items(ref: WorkoutPartResponse::class))]
        public array $parts,
        #[OA\Property(description: 'What its sets are logged for.')]
        public string $line = self::LINE,
    ) {
    }
}
