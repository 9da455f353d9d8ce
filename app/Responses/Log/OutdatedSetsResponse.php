<?php

declare(strict_types=1);

namespace App\Responses\Log;

use OpenApi\Attributes as OA;

/**
 * Sets that were computed from a mass or a measurement that does not stand any more.
 */
#[OA\Schema(schema: 'OutdatedSets')]
final readonly class OutdatedSetsResponse
{
    public function __construct(
        #[OA\Property]
        public int $sets,
        #[OA\Property]
        public int $athletes,
        #[OA\Property(description: 'Day of the first of them.', format: 'date')]
        public ?string $from,
        #[OA\Property(description: 'Day of the last of them.', format: 'date')]
        public ?string $until,
        #[OA\Property(description: 'The last order to compute them again.')]
        public ?RecomputationResponse $last,
    ) {
    }
}
