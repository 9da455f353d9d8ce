<?php

declare(strict_types=1);

namespace App\Models\Methods;

use App\Models\Record;
use Carbon\CarbonImmutable;

/**
 * A move in a method: by an accepted call, or by the coach with a reason.
 *
 * @property string $athlete_id
 * @property string $method_key
 * @property string $stage_key
 * @property string $since
 * @property string|null $call_id
 * @property string $user_id
 * @property string|null $reason
 * @property CarbonImmutable $made_at
 */
final class PlaceChange extends Record
{
    public $timestamps = false;

    protected $table = 'place_changes';

    protected $casts = ['made_at' => 'immutable_datetime'];
}
