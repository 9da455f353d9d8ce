<?php

declare(strict_types=1);

namespace App\Models\Athletes;

use App\Models\Record;

/**
 * A forecast as it was said on a day; it is never said anew.
 *
 * @property string $athlete_id
 * @property string $pattern
 * @property string $made_on
 * @property int $reps
 * @property float $within_4
 * @property float $within_8
 * @property float $within_12
 * @property float $within_26
 */
final class ForecastRecord extends Record
{
    public $timestamps = false;

    protected $table = 'forecasts';
}
