<?php

declare(strict_types=1);

namespace App\Models\Log;

use App\Models\Casts\Sealed;
use App\Models\Record;
use Carbon\CarbonImmutable;

/**
 * What was told after a session or before the next.
 *
 * @property string $athlete_id
 * @property string|null $user_id the coach; none where the athlete told it by their link
 * @property string $told_for the day it is about
 * @property int|null $soreness
 * @property list<string> $symptoms
 * @property string|null $gave_out
 * @property int|null $effort
 * @property bool|null $takes_hold
 * @property string|null $felt_worked
 * @property bool|null $wall_day whether they climbed
 * @property CarbonImmutable $told_at
 */
final class SignalRecord extends Record
{
    public $timestamps = false;

    protected $table = 'signals';

    protected array $told = [
        'athlete_id', 'told_for', 'soreness', 'symptoms', 'gave_out', 'effort', 'takes_hold', 'felt_worked', 'wall_day',
    ];

    protected $casts = ['symptoms' => Sealed::class, 'takes_hold' => 'boolean', 'wall_day' => 'boolean', 'told_at' => 'immutable_datetime'];

    public function tellsOfHealth(): bool
    {
        return $this->symptoms !== [];
    }
}
