<?php

declare(strict_types=1);

namespace App\Models\Screening;

use App\Models\Casts\Sealed;
use App\Models\Record;
use Carbon\CarbonImmutable;
use SteadyRung\Safety\ScreenOutcome;

/**
 * A screen as it was taken; its answers are encrypted, what follows from them is not.
 *
 * @property string $athlete_id
 * @property string $user_id
 * @property array{given: array<string, mixed>, reasons: list<string>} $answers with what was said of them then
 * @property ScreenOutcome $outcome
 * @property list<string> $limits
 * @property float|null $most_share
 * @property CarbonImmutable $screened_at
 */
final class ScreeningRecord extends Record
{
    public $timestamps = false;

    protected $table = 'screenings';

    protected array $told = ['athlete_id', 'answers'];

    protected $casts = [
        'answers' => Sealed::class,
        'outcome' => ScreenOutcome::class,
        'limits' => 'array',
        'most_share' => 'float',
        'screened_at' => 'immutable_datetime',
    ];

    public function tellsOfHealth(): bool
    {
        return true;
    }
}
