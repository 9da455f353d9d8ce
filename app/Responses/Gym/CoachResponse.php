<?php

declare(strict_types=1);

namespace App\Responses\Gym;

use OpenApi\Attributes as OA;

/**
 * Somebody who works in the gym, by name.
 */
#[OA\Schema(schema: 'Coach')]
final readonly class CoachResponse
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
    ) {
    }
}
