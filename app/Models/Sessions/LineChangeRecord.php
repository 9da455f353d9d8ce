<?php

declare(strict_types=1);

namespace App\Models\Sessions;

use App\Models\Athletes\Athlete;
use App\Models\Casts\StoredText;
use App\Models\Record;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/**
 * A line of a session changed by hand, until it is put back.
 *
 * @property string $athlete_id
 * @property string $user_id
 * @property string $method_key
 * @property string $stage_key
 * @property string $line
 * @property bool $lasts
 * @property string $change as JSON
 * @property string $from_on
 * @property CarbonImmutable $made_at
 * @property CarbonImmutable|null $put_back_at
 */
final class LineChangeRecord extends Record
{
    /** More than a stage has lines, twice over. */
    public const MOST = 60;

    public $timestamps = false;

    protected $table = 'line_changes';

    protected $casts = [
        'lasts' => 'boolean',
        'change' => StoredText::class,
        'made_at' => 'immutable_datetime',
        'put_back_at' => 'immutable_datetime',
    ];

    /**
     * Those that stand, of the stage an athlete is on.
     *
     * @return Builder<self>
     */
    public static function standing(Athlete $athlete): Builder
    {
        return self::query()->where('athlete_id', $athlete->id)
            ->whereNull('put_back_at')
            ->where('method_key', $athlete->method_key)
            ->where('stage_key', $athlete->stage_key);
    }
}
