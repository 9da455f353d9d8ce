<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\PainCast;
use Carbon\CarbonImmutable;
use SteadyRung\Safety\Pain;

/**
 * Pain told without a set.
 *
 * @property string $athlete_id
 * @property Pain $pain
 * @property string|null $note
 * @property CarbonImmutable $told_at
 */
final class PainReport extends Record
{
    public $timestamps = false;

    protected array $told = ['athlete_id', 'pain', 'note'];

    protected $casts = ['pain' => PainCast::class, 'told_at' => 'immutable_datetime'];

    public static function latestOf(string $athleteId): ?self
    {
        return self::query()->where('athlete_id', $athleteId)->orderByDesc('told_at')->first();
    }

    public static function anySince(string $athleteId, ?\DateTimeInterface $since): bool
    {
        $latest = self::latestOf($athleteId);

        return $latest !== null && ($since === null || $latest->told_at > $since);
    }
}
