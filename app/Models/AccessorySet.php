<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * A set of work beside the pull.
 *
 * @property string $athlete_id
 * @property string $trained_on
 * @property string $accessory
 * @property int|null $reps
 * @property float|null $seconds
 * @property float|null $metres
 * @property float|null $load_kg
 * @property CarbonImmutable $performed_at
 */
final class AccessorySet extends Record
{
    public $timestamps = false;

    protected $table = 'accessory_sets';

    protected $casts = ['seconds' => 'float', 'metres' => 'float', 'load_kg' => 'float', 'performed_at' => 'immutable_datetime'];
}
