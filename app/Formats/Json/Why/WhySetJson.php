<?php

declare(strict_types=1);

namespace App\Formats\Json\Why;

use OpenApi\Attributes as OA;

/**
 * A set that a figure rests on.
 */
#[OA\Schema]
final readonly class WhySetJson
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date')]
        public string $on,
        #[OA\Property]
        public string $words,
    ) {
    }
}
