<?php

declare(strict_types=1);

namespace App\Models\Athletes;

use App\Models\Record;
use Carbon\CarbonImmutable;

/**
 * That somebody looked by a link.
 *
 * @property string $link_id
 * @property CarbonImmutable $looked_at
 */
final class AthleteLinkLook extends Record
{
    public $timestamps = false;

    protected $table = 'athlete_link_looks';

    protected $casts = ['looked_at' => 'immutable_datetime'];
}
