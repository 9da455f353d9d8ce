<?php

declare(strict_types=1);

namespace App\Responses\Sessions;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class PlannedStageResponse
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $gate,
        #[OA\Property(format: 'date')]
        public string $from,
        #[OA\Property(description: 'None where it is not foreseeable.', format: 'date')]
        public ?string $to,
    ) {
    }
}
