<?php

declare(strict_types=1);

namespace App\Http\Requests\Gym;

use App\Formats\Inputs\OneLine;
use OpenApi\Attributes as OA;

/**
 * What somebody who works here is called.
 */
#[OA\Schema]
final readonly class NameInput
{
    public function __construct(
        #[OA\Property(maxLength: 80), OneLine]
        public string $name,
    ) {
    }
}
