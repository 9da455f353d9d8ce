<?php

declare(strict_types=1);

namespace App\Responses\Trend;

use OpenApi\Attributes as OA;

/**
 * How forecasts of about one chance came out.
 */
#[OA\Schema]
final readonly class ForecastScoreResponse
{
    public function __construct(
        #[OA\Property(description: 'Within how many weeks it was said to come.')]
        public int $weeks,
        #[OA\Property(description: 'The chance that was said, on average.')]
        public float $chance,
        #[OA\Property(description: 'How often it was said.')]
        public int $said,
        #[OA\Property(description: 'How often it came.')]
        public int $came,
    ) {
    }
}
