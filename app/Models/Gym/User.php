<?php

declare(strict_types=1);

namespace App\Models\Gym;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * A coach.
 *
 * @property string $id
 * @property string $gym_id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property string|null $let_in_as what the command called them that gave a password to who came with an export
 * @property Gym $gym
 */
final class User extends Authenticatable
{
    /** Of a coach who came with an export and was given none yet; no password has this hash. */
    public const NO_PASSWORD = '$2y$12$.....................................................';

    public $incrementing = false;

    protected $table = 'users';

    protected $keyType = 'string';

    protected $guarded = [];

    protected $hidden = ['password', 'remember_token'];

    /** @var array<string, string> */
    protected $casts = ['password' => 'hashed'];

    /** @return BelongsTo<Gym, $this> */
    public function gym(): BelongsTo
    {
        return $this->belongsTo(Gym::class);
    }
}
