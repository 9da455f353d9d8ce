<?php

declare(strict_types=1);

namespace App\Models;

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

    /** The mass on a day: the latest weighing up to it, else the first after it; none where nobody was weighed. */
    public static function massOn(string $athleteId, string $day): ?float
    {
        $of = static fn () => self::query()->where('athlete_id', $athleteId);
        $row = $of()->where('weighed_on', '<=', $day)->orderByDesc('weighed_on')->orderByDesc('created_at')->first()
            ?? $of()->orderBy('weighed_on')->orderBy('created_at')->first();

        return $row?->mass_kg;
    }
}
