<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property string $id
 * @property string $name
 * @property string $timezone
 * @property bool $is_demo
 * @property int $kit_version grows with every change of what is in use
 */
final class Gym extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['kit_version' => 'integer', 'is_demo' => 'boolean'];
}
