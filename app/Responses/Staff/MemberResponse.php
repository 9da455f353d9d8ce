<?php

declare(strict_types=1);

namespace App\Responses\Staff;

use App\Models\Gym\Role;
use App\Models\Gym\User;
use OpenApi\Attributes as OA;

/**
 * Somebody who works in a gym, was asked to, or has left.
 */
#[OA\Schema(schema: 'Member')]
final readonly class MemberResponse
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $email,
        #[OA\Property]
        public Role $role,
        #[OA\Property(description: 'Asked to come, and has chosen no password yet.')]
        public bool $invited,
        #[OA\Property(format: 'date-time')]
        public ?string $left_at,
        #[OA\Property(description: 'Whether a code of their phone is asked for beside the password.')]
        public bool $second_factor,
        #[OA\Property(description: 'When a device they are signed in on was last heard of.', format: 'date-time')]
        public ?string $seen_at,
    ) {
    }

    public static function of(User $member, ?int $seenAt): self
    {
        return new self(
            id: $member->id,
            name: $member->name,
            email: $member->email,
            role: $member->role,
            invited: $member->waits(),
            left_at: $member->left_at?->toIso8601String(),
            second_factor: $member->second_factor_at !== null,
            seen_at: $seenAt === null ? null : date(DATE_ATOM, $seenAt),
        );
    }
}
