<?php

declare(strict_types=1);

namespace App\Responses\Trend;

use OpenApi\Attributes as OA;

/**
 * What one set said of capacity.
 */
#[OA\Schema]
final readonly class TrendMarkResponse
{
    public function __construct(
        #[OA\Property(format: 'date')]
        public string $on,
        #[OA\Property()]
        public TrendMark $kind,
        #[OA\Property(description: 'The capacity it speaks for, as a share of bodyweight.')]
        public float $share,
        #[OA\Property()]
        public string $text,
    ) {
    }
}
