<?php

declare(strict_types=1);

namespace App\Models\Log;

use App\Models\Record;
use Carbon\CarbonImmutable;

/**
 * An order to compute logged sets again: of an athlete whose mass of those days was corrected, or of a band that was measured anew; or to
 * put back what such an order changed.
 *
 * @property string $user_id
 * @property string|null $athlete_id
 * @property string|null $band_id
 * @property string|null $undoes_id
 * @property int $sets so many when it was ordered
 * @property int $done
 * @property int $left_out whose set-up cannot be built any more
 * @property string|null $up_to the last set that was looked at
 * @property CarbonImmutable $made_at
 * @property CarbonImmutable|null $ended_at
 * @property CarbonImmutable|null $failed_at
 */
final class Recomputation extends Record
{
    protected $table = 'recomputations';

    public $timestamps = false;

    protected $attributes = [
        'athlete_id' => null,
        'band_id' => null,
        'undoes_id' => null,
        'done' => 0,
        'left_out' => 0,
        'up_to' => null,
        'ended_at' => null,
        'failed_at' => null,
    ];

    protected $casts = [
        'made_at' => 'immutable_datetime',
        'ended_at' => 'immutable_datetime',
        'failed_at' => 'immutable_datetime',
    ];
}
