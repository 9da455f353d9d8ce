<?php

declare(strict_types=1);

namespace App\Responses\Trend;

use OpenApi\Attributes as OA;

/**
 * What will be believed if training goes on as it goes.
 */
#[OA\Schema]
final readonly class TrendAheadResponse
{
    public function __construct(
        #[OA\Property(description: 'From today.')]
        public int $weeks,
        #[OA\Property()]
        public float $share,
        #[OA\Property()]
        public float $low80,
        #[OA\Property()]
        public float $high80,
    ) {
    }
}
