<?php

declare(strict_types=1);

namespace App\Formats\Json\Setups;

use OpenApi\Attributes as OA;

/**
 * A set-up that does not fit, and why.
 */
#[OA\Schema]
final readonly class NamedMisfitJson
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $reason,
    ) {
    }
}
