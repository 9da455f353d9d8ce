<?php

declare(strict_types=1);

namespace App\Responses\Kit;

use OpenApi\Attributes as OA;

/**
 * A row of a list that is kept but cannot be read any more; the fault is in the log.
 */
#[OA\Schema]
final readonly class DamagedResponse
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
    ) {
    }
}
