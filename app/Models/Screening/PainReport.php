<?php

declare(strict_types=1);

namespace App\Models\Screening;

use App\Models\Casts\PainCast;
use App\Models\Record;
use Carbon\CarbonImmutable;
use SteadyRung\Safety\Pain;

/**
 * Pain told without a set.
 *
 * @property string $athlete_id
 * @property string $user_id
 * @property Pain $pain
 * @property string|null $note
 * @property CarbonImmutable $told_at
 */
final class PainReport extends Record
{
    public $timestamps = false;

    protected $table = 'pain_reports';

    protected $attributes = ['note' => null];

    protected array $told = ['athlete_id', 'pain', 'note'];

    protected $casts = ['pain' => PainCast::class, 'told_at' => 'immutable_datetime'];

    /** The latest since a moment that was not undone. */
    public static function latestOf(string $athleteId, ?\DateTimeInterface $since): ?self
    {
        return PainUndoing::leftOut(self::query(), 'told_at')->where('athlete_id', $athleteId)->when(
            $since !== null,
            static fn ($q) => $q->where('told_at', '>', $since),
        )->orderByDesc('told_at')->first();
    }
}
