<?php

declare(strict_types=1);

namespace App\Models\Floor;

use App\Models\BelongsToGym;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Who comes to one day of a class though no tag says so, or stays away though one does.
 *
 * @property string $class_id
 * @property string $held_on
 * @property string $athlete_id
 * @property bool $coming
 * @property CarbonImmutable $told_at
 */
final class ClassComer extends Model
{
    use BelongsToGym;

    protected $table = 'class_comers';

    public $timestamps = false;

    public $incrementing = false;

    /** @var array<string, string> */
    protected $casts = ['coming' => 'boolean', 'told_at' => 'immutable_datetime'];

    /**
     * What was said of one athlete, from a day on.
     *
     * @param  list<string>  $classIds
     * @return array<string, bool> by class and day, as "id 2026-01-31"
     */
    public static function saidOf(string $athleteId, array $classIds, string $from): array
    {
        return self::query()->whereIn('class_id', $classIds)->where('held_on', '>=', $from)->where('athlete_id', $athleteId)
            ->get(['class_id', 'held_on', 'coming'])
            ->mapWithKeys(static fn (self $c): array => ["$c->class_id $c->held_on" => $c->coming])
            ->all();
    }

    /** @return array<string, bool> by athlete */
    public static function of(string $classId, string $on): array
    {
        return self::query()->where('class_id', $classId)
            ->where('held_on', $on)
            ->pluck('coming', 'athlete_id')
            ->map(static fn (mixed $c): bool => (bool) $c)
            ->all();
    }

    /** @return array<string, CarbonImmutable> when it was told of athletes that they come, who arrive then */
    public static function arrivals(string $classId, string $on): array
    {
        return self::query()->where('class_id', $classId)->where('held_on', $on)->where('coming', true)->get(['athlete_id', 'told_at'])
            ->mapWithKeys(static fn (self $c): array => [$c->athlete_id => $c->told_at])->all();
    }
}
