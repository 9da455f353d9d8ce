<?php

declare(strict_types=1);

namespace App\Responses\Import;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'MatchTarget')]
final readonly class MatchTargetResponse
{
    public function __construct(
        #[OA\Property]
        public string $target,
        #[OA\Property]
        public string $name,
    ) {
    }
}
