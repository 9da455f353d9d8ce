<?php

declare(strict_types=1);

namespace App\Models\Athletes;

use App\Models\Record;
use Illuminate\Database\Eloquent\Builder;

/**
 * An athlete's mass on a day; a row that names another takes that one back.
 *
 * @property string $athlete_id
 * @property string $weighed_on
 * @property float $mass_kg
 * @property string|null $replaces_id
 */
final class Weighing extends Record
{
    protected $attributes = ['replaces_id' => null];

    protected array $told = ['athlete_id', 'weighed_on', 'mass_kg', 'replaces_id'];

    protected $table = 'weighings';

    protected $casts = ['mass_kg' => 'float'];

    /** @return Builder<self> those that stand */
    public static function latestFirst(string $athleteId): Builder
    {
        return self::standing($athleteId)->orderByDesc('weighed_on')->orderByDesc('created_at');
    }

    /** The mass on a day: the latest weighing up to it, else the first after it; none where nobody was weighed. */
    public static function massOn(string $athleteId, string $day): ?float
    {
        $row = self::latestFirst($athleteId)->where('weighed_on', '<=', $day)->first()
            ?? self::standing($athleteId)->orderBy('weighed_on')->orderBy('created_at')->first();

        return $row?->mass_kg;
    }

    /**
     * @param  list<string>  $athleteIds
     * @return array<string, string> the day of the latest of each
     */
    public static function lastOf(array $athleteIds): array
    {
        /** @var array<string, string> */
        return self::standing(...$athleteIds)->groupBy('athlete_id')
            ->selectRaw('athlete_id, max(weighed_on) AS on_day')->pluck('on_day', 'athlete_id')->all();
    }

    /** @return Builder<self> */
    private static function standing(string ...$athleteIds): Builder
    {
        return self::notReplaced()->whereIn('athlete_id', $athleteIds)->whereNull('replaces_id');
    }
}
