<?php

declare(strict_types=1);

namespace App\Models\Sessions;

use App\Models\Record;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/**
 * Days on which the gym is closed, or one athlete is away, until they are taken back.
 *
 * @property string|null $athlete_id
 * @property string $user_id
 * @property string $from_on
 * @property string $to_on
 * @property string $why
 * @property CarbonImmutable $told_at
 * @property CarbonImmutable|null $taken_back_at
 */
final class TimeOffRecord extends Record
{
    public const MOST = 100;

    public $timestamps = false;

    protected $table = 'time_off';

    protected $casts = ['told_at' => 'immutable_datetime', 'taken_back_at' => 'immutable_datetime'];

    /**
     * What stands of the gym and of an athlete and is not over by a day, in order.
     *
     * @return Builder<self>
     */
    public static function ahead(string $athleteId, string $from): Builder
    {
        return self::query()->whereNull('taken_back_at')->where('to_on', '>=', $from)
            ->where(static fn ($q) => $q->whereNull('athlete_id')->orWhere('athlete_id', $athleteId))
            ->orderBy('from_on')->orderBy('id')->limit(self::MOST);
    }
}
