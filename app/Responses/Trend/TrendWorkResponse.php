<?php

declare(strict_types=1);

namespace App\Responses\Trend;

use OpenApi\Attributes as OA;

/**
 * The work of a week, or of a month where the range is long.
 */
#[OA\Schema]
final readonly class TrendWorkResponse
{
    public function __construct(
        #[OA\Property(format: 'date')]
        public string $from,
        #[OA\Property(description: 'Work up, in kJ.')]
        public float $kj,
        #[OA\Property(description: 'Seconds held or let down under control.')]
        public float $controlled_s,
    ) {
    }
}
