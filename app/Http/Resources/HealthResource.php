<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class HealthResource
{
    public function __construct(
        #[OA\Property]
        public string $application,
        #[OA\Property]
        public bool $database,
    ) {
    }
}
