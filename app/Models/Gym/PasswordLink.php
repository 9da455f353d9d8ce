<?php

declare(strict_types=1);

namespace App\Models\Gym;

use App\Models\Record;
use Carbon\CarbonImmutable;

/**
 * A link by which somebody who works here chooses a password, once. What stands behind its # is known to who was sent it; its hash is kept.
 *
 * @property string $user_id
 * @property string $token SHA-256 of what was sent
 * @property LinkPurpose $purpose
 * @property CarbonImmutable $expires_at
 * @property CarbonImmutable|null $ended_at
 */
final class PasswordLink extends Record
{
    public $timestamps = false;

    protected $table = 'password_links';

    protected $attributes = ['ended_at' => null];

    protected $casts = ['purpose' => LinkPurpose::class, 'expires_at' => 'immutable_datetime', 'ended_at' => 'immutable_datetime'];

    /** Of any gym; who asks knows none yet. */
    public static function sent(string $token): ?self
    {
        return self::query()->withoutGlobalScope('gym')->where('token', self::hash($token))->first();
    }

    public static function hash(string $token): string
    {
        return hash('sha256', "password link $token");
    }

    public function isOpen(\DateTimeImmutable $now): bool
    {
        return $this->ended_at === null && $now < $this->expires_at;
    }
}
