<?php

declare(strict_types=1);

namespace App\Responses\Trend;

use OpenApi\Attributes as OA;

/**
 * Capacity after a session, as a share of bodyweight with its 80 % interval.
 */
#[OA\Schema]
final readonly class TrendPointResponse
{
    public function __construct(
        #[OA\Property(format: 'date')]
        public string $on,
        #[OA\Property()]
        public float $share,
        #[OA\Property()]
        public float $low80,
        #[OA\Property()]
        public float $high80,
    ) {
    }
}
