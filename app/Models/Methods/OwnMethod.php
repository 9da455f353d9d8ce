<?php

declare(strict_types=1);

namespace App\Models\Methods;

use App\Models\Casts\StoredText;
use App\Models\Record;
use Carbon\CarbonImmutable;

/**
 * A method that a gym made or brought in.
 *
 * @property string $key
 * @property string $body as JSON
 * @property string $user_id
 * @property CarbonImmutable $saved_at
 */
final class OwnMethod extends Record
{
    public const MOST = 50;

    protected $table = 'own_methods';

    public $timestamps = false;

    protected $casts = ['body' => StoredText::class, 'saved_at' => 'immutable_datetime'];
}
