<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property string $id
 * @property string $name
 * @property string $timezone
 */
final class Gym extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];
}
