<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use OpenApi\Attributes as OA;

/**
 * How a class could go on if what is left were planned anew, beside what was told.
 */
#[OA\Schema(schema: 'FreshPlan')]
final readonly class FreshPlanResponse
{
    /**
     * @param  list<string>  $moved
     * @param  list<TurnResponse>  $turns
     */
    public function __construct(
        #[OA\Property(format: 'date-time')]
        public string $ends_at,
        #[OA\Property(format: 'date-time')]
        public string $told_ends_at,
        #[OA\Property(description: 'What all wait together, once rested.')]
        public int $waiting_s,
        #[OA\Property]
        public int $told_waiting_s,
        #[OA\Property(
            description: 'Whose next set would begin over half a minute sooner or later, or elsewhere.',
            items: new OA\Items(type: 'string', format: 'uuid'),
        )]
        public array $moved,
        #[OA\Property(items: new OA\Items(ref: TurnResponse::class))]
        public array $turns,
    ) {
    }
}
