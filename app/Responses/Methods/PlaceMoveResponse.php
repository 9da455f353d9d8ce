<?php

declare(strict_types=1);

namespace App\Responses\Methods;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class PlaceMoveResponse
{
    public function __construct(
        #[OA\Property]
        public string $method_name,
        #[OA\Property]
        public string $stage_name,
        #[OA\Property(format: 'date')]
        public string $since,
        #[OA\Property(description: 'Whether an accepted call moved the athlete.')]
        public bool $by_call,
        #[OA\Property]
        public string $coach,
        #[OA\Property]
        public ?string $reason,
    ) {
    }
}
