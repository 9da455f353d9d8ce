<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;

/**
 * A figure of a day.
 */
#[OA\Schema]
final readonly class TrendFigureJson
{
    public function __construct(
        #[OA\Property(format: 'date')]
        public string $on,
        #[OA\Property()]
        public float $figure,
    ) {
    }
}
