<?php

declare(strict_types=1);

namespace App\Formats\Json\Setups;

use OpenApi\Attributes as OA;

/**
 * A figure over the pull.
 */
#[OA\Schema]
final readonly class TravelJson
{
    public function __construct(
        #[OA\Property(description: 'At full hang.')]
        public float $bottom,
        #[OA\Property(description: 'Mean over the pull, work-equivalent.')]
        public float $mean,
        #[OA\Property(description: 'Chin at the bar.')]
        public float $top,
    ) {
    }
}
