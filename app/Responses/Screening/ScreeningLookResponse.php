<?php

declare(strict_types=1);

namespace App\Responses\Screening;

use OpenApi\Attributes as OA;

/**
 * Who looked at the answers of a screen, and when.
 */
#[OA\Schema]
final readonly class ScreeningLookResponse
{
    public function __construct(
        #[OA\Property]
        public string $by,
        #[OA\Property(format: 'date-time')]
        public string $at,
    ) {
    }
}
