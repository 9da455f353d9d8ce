<?php

declare(strict_types=1);

namespace App\Http\Requests\Staff;

use OpenApi\Attributes as OA;

/**
 * The address of an account.
 */
#[OA\Schema]
final readonly class EmailInput
{
    public function __construct(
        #[OA\Property(format: 'email', maxLength: 200)]
        public string $email,
    ) {
    }
}
