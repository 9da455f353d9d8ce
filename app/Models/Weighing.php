<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;

/**
 * An athlete's mass on a day.
 *
 * @property string $athlete_id
 * @property string $weighed_on
 * @property float $mass_kg
 */
final class Weighing extends Record
{
    protected $casts = ['mass_kg' => 'float'];

    /** @return Builder<self> */
    public static function latestFirst(string $athleteId): Builder
    {
        return self::query()->where('athlete_id', $athleteId)->orderByDesc('weighed_on')->orderByDesc('created_at');
    }

    /** The mass on a day: the latest weighing up to it, else the first after it; none where nobody was weighed. */
    public static function massOn(string $athleteId, string $day): ?float
    {
        $row = self::latestFirst($athleteId)->where('weighed_on', '<=', $day)->first()
            ?? self::query()->where('athlete_id', $athleteId)->orderBy('weighed_on')->orderBy('created_at')->first();

        return $row?->mass_kg;
    }
}
