<?php

declare(strict_types=1);

namespace App\Models\Screening;

use App\Models\Record;
use Carbon\CarbonImmutable;

/**
 * That a coach looked at the answers of a screen.
 *
 * @property string $screening_id
 * @property string $user_id
 * @property CarbonImmutable $looked_at
 */
final class ScreeningLook extends Record
{
    public $timestamps = false;

    protected $table = 'screening_looks';

    protected $casts = ['looked_at' => 'immutable_datetime'];
}
