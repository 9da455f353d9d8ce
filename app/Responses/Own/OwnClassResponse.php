<?php

declare(strict_types=1);

namespace App\Responses\Own;

use OpenApi\Attributes as OA;

/**
 * A class that an athlete may come to.
 */
#[OA\Schema(schema: 'OwnClass')]
final readonly class OwnClassResponse
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $class_id,
        #[OA\Property]
        public string $name,
        #[OA\Property(format: 'date')]
        public string $on,
        #[OA\Property(description: 'Where the gym is, as 18:30.')]
        public string $at,
        #[OA\Property]
        public bool $coming,
    ) {
    }
}
