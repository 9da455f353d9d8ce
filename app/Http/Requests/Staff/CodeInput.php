<?php

declare(strict_types=1);

namespace App\Http\Requests\Staff;

use OpenApi\Attributes as OA;

/**
 * The code that a phone shows.
 */
#[OA\Schema]
final readonly class CodeInput
{
    public function __construct(
        #[OA\Property(description: 'Six figures.', maxLength: 20)]
        public string $code,
    ) {
    }
}
