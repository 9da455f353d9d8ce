<?php

declare(strict_types=1);

namespace App\Actions\Staff;

use App\Formats\Inputs\OneLine;
use App\Models\Gym\Role;
use OpenApi\Attributes as OA;

/**
 * Somebody is asked to work in the gym.
 */
#[OA\Schema(schema: 'InvitationInput')]
final readonly class MemberInvited
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(maxLength: 80), OneLine]
        public string $name,
        #[OA\Property(format: 'email', maxLength: 200)]
        public string $email,
        #[OA\Property]
        public Role $role,
    ) {
    }
}
