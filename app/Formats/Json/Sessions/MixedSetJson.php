<?php

declare(strict_types=1);

namespace App\Formats\Json\Sessions;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class MixedSetJson
{
    public function __construct(
        #[OA\Property]
        public int $first_reps,
        #[OA\Property]
        public string $first_name,
        #[OA\Property]
        public int $then_reps,
        #[OA\Property]
        public string $then_name,
    ) {
    }
}
