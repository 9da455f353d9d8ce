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
 * @property Gym $gym
 */
final class User extends Authenticatable
{
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
