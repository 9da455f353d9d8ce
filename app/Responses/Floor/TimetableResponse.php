<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use OpenApi\Attributes as OA;

/**
 * Who does what when and where in what is left of a class.
 */
#[OA\Schema(schema: 'Timetable')]
final readonly class TimetableResponse
{
    /**
     * @param  list<TurnResponse>  $turns
     * @param  list<CollisionResponse>  $collisions
     * @param  list<CutResponse>  $cuts
     */
    public function __construct(
        #[OA\Property(description: 'When everybody is done.', format: 'date-time')]
        public string $ends_at,
        #[OA\Property(description: 'Whether that is before the class ends.')]
        public bool $fits,
        #[OA\Property(description: 'What is left to be done, in order of time.', items: new OA\Items(ref: TurnResponse::class))]
        public array $turns,
        #[OA\Property(description: 'The soonest first.', items: new OA\Items(ref: CollisionResponse::class))]
        public array $collisions,
        #[OA\Property(description: 'What to leave out first, where it does not fit.', items: new OA\Items(ref: CutResponse::class))]
        public array $cuts,
    ) {
    }
}
