<?php

declare(strict_types=1);

namespace App\Http\Requests\Athletes;

use OpenApi\Attributes as OA;

/**
 * Whether an athlete is set aside.
 */
#[OA\Schema]
final readonly class ArchiveInput
{
    public function __construct(
        #[OA\Property]
        public bool $archived,
    ) {
    }
}
