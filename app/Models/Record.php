<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What all rows that belong to a gym share: a UUID key the client may have made, and microsecond times.
 *
 * @property string $id
 * @property string $gym_id
 * @property string $request_hash
 */
abstract class Record extends Model
{
    use BelongsToGym;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = [];

    protected $dateFormat = 'Y-m-d H:i:s.uP';
}
