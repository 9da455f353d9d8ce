<?php

declare(strict_types=1);

namespace App\Responses\Methods;

use OpenApi\Attributes as OA;

/**
 * What a method says on a disputed point.
 */
#[OA\Schema]
final readonly class MethodWordsResponse
{
    public function __construct(
        #[OA\Property]
        public string $rule,
        #[OA\Property]
        public string $point,
        #[OA\Property]
        public string $words,
    ) {
    }
}
