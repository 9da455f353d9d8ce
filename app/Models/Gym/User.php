<?php

declare(strict_types=1);

namespace App\Models\Gym;

use App\Models\Scripts\ApiToken;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Laravel\Sanctum\HasApiTokens;
use Laravel\Sanctum\TransientToken;

/**
 * Somebody who works in a gym.
 *
 * @property string $id
 * @property string $gym_id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property Role $role
 * @property CarbonImmutable|null $left_at
 * @property string|null $second_factor the secret that their phone makes codes of
 * @property CarbonImmutable|null $second_factor_at since when a code is asked for
 * @property int|null $second_factor_step the last one whose code was used
 * @property list<string> $recovery_codes hashes of those not used yet
 * @property RemindedBy $reminders
 * @property string|null $reminded_on the day of the last mail
 * @property Gym $gym
 */
final class User extends Authenticatable
{
    /** @use HasApiTokens<ApiToken|TransientToken> */
    use HasApiTokens;

    /** Of who was invited, or came with an export, and has chosen none yet; no password has this hash. */
    public const NO_PASSWORD = '$2y$04$.....................................................';

    /** One address may have an account in several gyms. */
    public const MOST_GYMS = 5;

    public $incrementing = false;

    protected $table = 'users';

    protected $keyType = 'string';

    protected $guarded = [];

    protected $hidden = ['password', 'remember_token', 'second_factor', 'recovery_codes'];

    protected $attributes = [
        'left_at' => null,
        'second_factor' => null,
        'second_factor_at' => null,
        'second_factor_step' => null,
        'recovery_codes' => '[]',
        'reminders' => 'never',
        'reminded_on' => null,
    ];

    /** @var array<string, string> */
    protected $casts = [
        'password' => 'hashed',
        'role' => Role::class,
        'reminders' => RemindedBy::class,
        'left_at' => 'immutable_datetime',
        'second_factor' => 'encrypted',
        'second_factor_at' => 'immutable_datetime',
        'second_factor_step' => 'integer',
        'recovery_codes' => 'array',
    ];

    /**
     * What they may do here; as a script no more than it was let in for.
     *
     * @return list<Right>
     */
    public function rights(): array
    {
        $script = $this->script();

        return array_values(array_filter(
            $this->role->rights(),
            static fn (Right $right): bool => $script === null || $script->can($right->value),
        ));
    }

    /** By whose token they are here, where they did not sign in themselves. */
    public function script(): ?ApiToken
    {
        return $this->accessToken instanceof ApiToken ? $this->accessToken : null;
    }

    public function waits(): bool
    {
        return $this->left_at === null && $this->password === self::NO_PASSWORD;
    }

    public function isHere(): bool
    {
        return $this->left_at === null && $this->password !== self::NO_PASSWORD;
    }

    /** @return BelongsTo<Gym, $this> */
    public function gym(): BelongsTo
    {
        return $this->belongsTo(Gym::class);
    }
}
