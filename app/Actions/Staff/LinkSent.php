<?php

declare(strict_types=1);

namespace App\Actions\Staff;

use App\Models\Gym\User;

/**
 * A link to choose a password by, and whom it is for; it can be told now and never again.
 */
final readonly class LinkSent
{
    public function __construct(public User $member, #[\SensitiveParameter] public string $token, public \DateTimeImmutable $expiresAt)
    {
    }

    public function path(): string
    {
        return "/password#$this->token";
    }
}
