<?php

declare(strict_types=1);

namespace App\Responses\Screening;

use OpenApi\Attributes as OA;

/**
 * The note that ended the last pause for pain.
 */
#[OA\Schema]
final readonly class ClearedResponse
{
    public function __construct(
        #[OA\Property(format: 'date')]
        public string $on,
        #[OA\Property]
        public string $note,
    ) {
    }
}
