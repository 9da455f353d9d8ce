<?php

declare(strict_types=1);

namespace App\Models\Athletes;

use App\Formats\Day;
use App\Formats\Stored\StoredCapacity;
use App\Models\GymScope;
use App\Models\Record;
use Illuminate\Database\Eloquent\Builder;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Strength\Filter\CapacityState;

/**
 * What was believed of an athlete's capacity after a day's session. The whole state is kept of the two latest days and of the first
 * in each month; from there the days between are followed again.
 *
 * @property string $athlete_id
 * @property string $pattern
 * @property string $trained_on
 * @property float $share
 * @property float $low80
 * @property float $high80
 * @property bool $opens_month
 * @property array<string, string> $taught what each telling set taught, by its id
 * @property string|null $state
 */
final class CapacityRecord extends Record
{
    public $timestamps = false;

    protected $table = 'capacity_states';

    protected $primaryKey = 'trained_on';

    protected $casts = ['share' => 'float', 'low80' => 'float', 'high80' => 'float', 'opens_month' => 'boolean', 'taught' => 'array'];

    /** @return Builder<self> */
    public static function of(string $athleteId, Pattern $pattern): Builder
    {
        return self::query()->where('athlete_id', $athleteId)->where('pattern', $pattern);
    }

    /** The state after the last session; none before a first. */
    public static function newest(string $athleteId, Pattern $pattern): ?self
    {
        return self::of($athleteId, $pattern)->orderByDesc('trained_on')->first();
    }

    /** @return array<string, self> the state after the last session in each movement that has one, in the order of movements */
    public static function newestByPattern(string $athleteId): array
    {
        $newest = self::newestOfAll([$athleteId]);
        $by = [];
        foreach (Pattern::cases() as $pattern) {
            $by[$pattern->value] = $newest["$athleteId $pattern->value"] ?? null;
        }

        return array_filter($by);
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
            ['{'.implode(',', $athleteIds).'}', '{'.implode(',', array_column(Pattern::cases(), 'value')).'}', app(GymScope::class)->id()],
        );

        $newest = [];
        foreach ($rows as $row) {
            $record = (new self)->newFromBuilder((array) $row);
            $newest["$record->athlete_id $record->pattern"] = $record;
        }

        return $newest;
    }

    /**
     * What the telling sets of some days taught, by their ids.
     *
     * @param  list<string>  $days
     * @return array<string, string>
     */
    public static function taught(string $athleteId, array $days): array
    {
        $rows = self::query()->where('athlete_id', $athleteId)
            ->whereIn('pattern', array_column(Pattern::cases(), 'value'))
            ->whereIn('trained_on', $days)
            ->get(['trained_on', 'taught']);

        return array_merge([], ...$rows->map(static fn (self $row): array => $row->taught)->all());
    }

    /** Null where only its figures are kept. */
    public function toCore(): ?CapacityState
    {
        return $this->state === null ? null : StoredCapacity::read($this->state, Day::number($this->trained_on));
    }
}
