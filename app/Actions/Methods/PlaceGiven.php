<?php

declare(strict_types=1);

namespace App\Actions\Methods;

use OpenApi\Attributes as OA;

/**
 * The coach puts an athlete at a stage of a method: assigned, set back, or skipping, with a reason.
 */
#[OA\Schema(schema: 'PlaceInput')]
final readonly class PlaceGiven
{
    public const PER_WEEK = [1.0, 7.0];

    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(maxLength: 64)]
        public string $method,
        #[OA\Property(maxLength: 64)]
        public string $stage,
        #[OA\Property(description: 'Needed where the method stays and the stage changes.', maxLength: 500)]
        public ?string $reason = null,
        #[OA\Property(
            description: 'Sessions a week, where fewer than the method has.',
            minimum: self::PER_WEEK[0],
            maximum: self::PER_WEEK[1],
        )]
        public ?int $sessions_a_week = null,
        #[OA\Property(description: 'What stands in the place of strict work, where the stage is one.', maxLength: 64)]
        public ?string $builder = null,
    ) {
    }
}
