<?php

declare(strict_types=1);

namespace App\Models;

use App\Formats\Day;
use Illuminate\Database\Eloquent\Builder;
use SteadyRung\Strength\CapacityState;
use SteadyRung\Strength\Pattern;

/**
 * What was believed of an athlete's capacity after a day's session.
 *
 * @property string $athlete_id
 * @property string $pattern
 * @property string $trained_on
 * @property float $mean_log
 * @property float $variance
 */
final class CapacityRecord extends Record
{
    public $timestamps = false;

    protected $table = 'capacity_states';

    protected $primaryKey = 'trained_on';

    protected $casts = ['mean_log' => 'float', 'variance' => 'float'];

    /** @return Builder<self> */
    public static function of(string $athleteId, Pattern $pattern): Builder
    {
        return self::query()->where('athlete_id', $athleteId)->where('pattern', $pattern);
    }

    /** The state after the last session, or after the last before a day; none before a first. */
    public static function newest(string $athleteId, Pattern $pattern, ?string $before = null): ?self
    {
        return self::of($athleteId, $pattern)->when($before !== null, static fn (Builder $of) => $of->where('trained_on', '<', $before))->orderByDesc('trained_on')->first();
    }

    /** The latest state; none for lanes that have no capacity, or before a first session. */
    public static function latest(string $athleteId, ?Pattern $pattern): ?CapacityState
    {
        return $pattern === null ? null : self::newest($athleteId, $pattern)?->toCore();
    }

    public function toCore(): CapacityState
    {
        return new CapacityState(Day::number($this->trained_on), $this->mean_log, $this->variance);
    }
}
