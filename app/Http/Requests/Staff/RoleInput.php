<?php

declare(strict_types=1);

namespace App\Http\Requests\Staff;

use App\Models\Gym\Role;
use OpenApi\Attributes as OA;

/**
 * The role somebody gets.
 */
#[OA\Schema]
final readonly class RoleInput
{
    public function __construct(
        #[OA\Property]
        public Role $role,
    ) {
    }
}
