<?php

declare(strict_types=1);

namespace App\Models\Athletes;

use App\Models\Casts\Sealed;
use App\Models\Record;
use Carbon\CarbonImmutable;

/**
 * What somebody wrote down of an athlete. What stands in free words may be of health, so it is kept as that is.
 *
 * @property string $athlete_id
 * @property string $user_id who wrote it
 * @property string $text
 * @property CarbonImmutable $written_at
 */
final class AthleteNote extends Record
{
    public $timestamps = false;

    protected array $told = ['athlete_id', 'text'];

    protected $table = 'athlete_notes';

    protected $casts = ['text' => Sealed::class, 'written_at' => 'immutable_datetime'];

    public function tellsOfHealth(): bool
    {
        return true;
    }
}
