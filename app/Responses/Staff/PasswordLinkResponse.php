<?php

declare(strict_types=1);

namespace App\Responses\Staff;

use App\Models\Gym\LinkPurpose;
use OpenApi\Attributes as OA;

/**
 * Whom a link to choose a password is for.
 */
#[OA\Schema(schema: 'PasswordLink')]
final readonly class PasswordLinkResponse
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $email,
        #[OA\Property]
        public string $gym_name,
        #[OA\Property]
        public LinkPurpose $purpose,
    ) {
    }
}
