<?php

declare(strict_types=1);

namespace App\Responses\Scripts;

use OpenApi\Attributes as OA;

/**
 * What a script shows instead of signing in, told to who made it.
 */
#[OA\Schema(schema: 'TokenTold')]
final readonly class TokenToldResponse
{
    public function __construct(
        #[OA\Property(description: 'For the header Authorization, behind “Bearer ”.')]
        public string $token,
    ) {
    }
}
