<?php

declare(strict_types=1);

namespace App\Models\Erase;

use App\Formats\Erase\ErasedLog;
use App\Models\Record;
use Carbon\CarbonImmutable;

/**
 * That an athlete was erased, by whom and when. Who it was is not kept; the id alone stands in the log that stays.
 *
 * @property string $athlete_id
 * @property string $user_id
 * @property ErasedLog $log
 * @property CarbonImmutable $ordered_at
 * @property CarbonImmutable|null $ended_at
 * @property CarbonImmutable|null $failed_at
 * @property int $rows so many were erased
 */
final class Erasure extends Record
{
    public $timestamps = false;

    protected $table = 'erasures';

    protected $attributes = ['ended_at' => null, 'failed_at' => null, 'rows' => 0];

    protected $casts = [
        'log' => ErasedLog::class,
        'ordered_at' => 'immutable_datetime',
        'ended_at' => 'immutable_datetime',
        'failed_at' => 'immutable_datetime',
        'rows' => 'integer',
    ];
}
