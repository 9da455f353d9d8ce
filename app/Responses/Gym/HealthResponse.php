<?php

declare(strict_types=1);

namespace App\Responses\Gym;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class HealthResponse
{
    public function __construct(
        #[OA\Property]
        public string $application,
        #[OA\Property]
        public bool $database,
        #[OA\Property(description: 'Whether there is a gym; without one the first page makes it.')]
        public bool $founded,
    ) {
    }
}
