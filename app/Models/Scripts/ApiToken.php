<?php

declare(strict_types=1);

namespace App\Models\Scripts;

use App\Models\Gym\User;
use App\Models\Record;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Laravel\Sanctum\Contracts\HasAbilities;

/**
 * What a script shows instead of signing in. It does what it was made for in the name of who made it, and never more than they may.
 *
 * @property string $user_id
 * @property string $name
 * @property string $token SHA-256 of what was told once
 * @property list<string> $scopes of Scope
 * @property CarbonImmutable $made_at
 * @property CarbonImmutable $expires_at
 * @property CarbonImmutable|null $used_at known to a minute
 * @property CarbonImmutable|null $ended_at
 * @property User $tokenable
 */
final class ApiToken extends Record implements HasAbilities
{
    public const REQUESTS_A_MINUTE = 240;

    public $timestamps = false;

    protected $table = 'api_tokens';

    protected $attributes = ['used_at' => null, 'ended_at' => null];

    /** @var array<string, string> */
    protected $casts = [
        'scopes' => 'array',
        'made_at' => 'immutable_datetime',
        'expires_at' => 'immutable_datetime',
        'used_at' => 'immutable_datetime',
        'ended_at' => 'immutable_datetime',
    ];

    /** Of any gym; who asks knows none yet. */
    public static function findToken(string $token): ?self
    {
        return self::query()->withoutGlobalScope('gym')->where('token', self::hash($token))->first();
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    /** @return BelongsTo<User, $this> */
    public function tokenable(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }

    public function isOpen(\DateTimeImmutable $now): bool
    {
        return $this->ended_at === null && $now < $this->expires_at;
    }

    public function can($ability): bool
    {
        return in_array($ability, $this->scopes, true);
    }

    public function cant($ability): bool
    {
        return ! $this->can($ability);
    }
}
