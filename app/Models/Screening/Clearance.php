<?php

declare(strict_types=1);

namespace App\Models\Screening;

use App\Models\Casts\Sealed;
use App\Models\Record;
use Carbon\CarbonImmutable;

/**
 * A coach's note that ends a pause for pain.
 *
 * @property string $athlete_id
 * @property string $note
 * @property CarbonImmutable $cleared_at
 */
final class Clearance extends Record
{
    public $timestamps = false;

    protected array $told = ['athlete_id', 'note'];

    protected $table = 'clearances';

    protected $casts = ['note' => Sealed::class, 'cleared_at' => 'immutable_datetime'];

    public function tellsOfHealth(): bool
    {
        return true;
    }

    public static function latestOf(string $athleteId): ?self
    {
        return self::query()->where('athlete_id', $athleteId)->orderByDesc('cleared_at')->first();
    }
}
