<?php

declare(strict_types=1);

namespace App\Models\Floor;

use App\Models\Record;

/**
 * What is done in the place of a line on one day.
 *
 * @property string $athlete_id
 * @property string $held_on
 * @property string $line
 * @property string|null $rung_key none where the line is done as written again
 */
final class LineSwitch extends Record
{
    public $timestamps = false;

    protected $table = 'line_switches';

    protected $primaryKey = 'line';
}
