<?php

declare(strict_types=1);

namespace App\Models;

use App\Formats\Day;
use Illuminate\Database\Eloquent\Builder;
use SteadyRung\Exercise\Pattern;
use SteadyRung\Strength\CapacityState;

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

    /**
     * The state after the last session of each athlete in each movement, by both; one step down an index for each.
     *
     * @param  list<string>  $athleteIds
     * @return array<string, self>
     */
    public static function newestOfAll(array $athleteIds): array
    {
        $rows = self::query()->getConnection()->select(
            'SELECT newest.* FROM unnest(?::uuid[]) AS a(id) CROSS JOIN unnest(?::varchar[]) AS p(pattern) CROSS JOIN LATERAL (
                SELECT * FROM capacity_states s WHERE s.gym_id = ? AND s.athlete_id = a.id AND s.pattern = p.pattern ORDER BY s.trained_on DESC LIMIT 1
            ) AS newest',
            ['{'.implode(',', $athleteIds).'}', '{'.implode(',', array_column(Pattern::cases(), 'value')).'}', app(CurrentGym::class)->id()],
        );

        $newest = [];
        foreach ($rows as $row) {
            $record = (new self)->newFromBuilder((array) $row);
            $newest["$record->athlete_id $record->pattern"] = $record;
        }

        return $newest;
    }

    public function toCore(): CapacityState
    {
        return new CapacityState(Day::number($this->trained_on), $this->mean_log, $this->variance);
    }
}
