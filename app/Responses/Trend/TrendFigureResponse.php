<?php

declare(strict_types=1);

namespace App\Responses\Trend;

use OpenApi\Attributes as OA;

/**
 * A figure of a day.
 */
#[OA\Schema]
final readonly class TrendFigureResponse
{
    public function __construct(
        #[OA\Property(format: 'date')]
        public string $on,
        #[OA\Property()]
        public float $figure,
    ) {
    }
}
