<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use OpenApi\Attributes as OA;

/**
 * One day of a class.
 */
#[OA\Schema(schema: 'HeldClass')]
final readonly class HeldClassResponse
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(format: 'date')]
        public string $on,
        #[OA\Property(format: 'date-time')]
        public string $starts_at,
        #[OA\Property(format: 'date-time')]
        public string $ends_at,
        #[OA\Property]
        public bool $weekly,
    ) {
    }
}
