<?php

declare(strict_types=1);

namespace App\Responses\Board;

use OpenApi\Attributes as OA;

/**
 * What opens the board of a class.
 */
#[OA\Schema]
final readonly class BoardCodeResponse
{
    public function __construct(
        #[OA\Property(description: 'None where no screen is let in.')]
        public ?string $code,
        #[OA\Property(description: 'When it ends.', format: 'date-time')]
        public string $ends_at,
    ) {
    }
}
