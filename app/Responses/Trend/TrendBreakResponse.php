<?php

declare(strict_types=1);

namespace App\Responses\Trend;

use OpenApi\Attributes as OA;

/**
 * Weeks without a session.
 */
#[OA\Schema]
final readonly class TrendBreakResponse
{
    public function __construct(
        #[OA\Property(format: 'date')]
        public string $from,
        #[OA\Property(format: 'date')]
        public string $to,
    ) {
    }
}
