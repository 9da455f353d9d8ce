<?php

declare(strict_types=1);

namespace App\Queries\Floor;

use App\Context\Gym\CurrentGym;
use App\Models\Floor\GymClass;
use App\Models\Floor\LineSwitch;
use App\Models\Log\AccessorySet;
use App\Models\Log\LoggedSet;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/**
 * What was done on a day of a class, and after midnight where it goes on until then; by athlete.
 */
final readonly class DoneQuery
{
    private const MOST_SETS_OF_ONE = 60;

    /** Who stays a little longer is still of the class. */
    private const AFTER_MIN = 60;

    public function __construct(private CurrentGym $gym)
    {
    }

    /** When nothing more belongs to the class. */
    public function closesAt(GymClass $class, string $on): \DateTimeImmutable
    {
        return $class->startsAt($on, $this->gym->timezone())->modify(sprintf('+%d minutes', $class->minutes + self::AFTER_MIN));
    }

    /**
     * The sets that stand, in order.
     *
     * @param  list<string>  $athleteIds
     * @return Collection<array-key, Collection<array-key, LoggedSet>>
     */
    public function sets(GymClass $class, string $on, array $athleteIds): Collection
    {
        return $this->ofClass($class, $on, LoggedSet::standingOf($athleteIds))->orderBy('performed_at')->orderBy('id')
            ->limit(self::MOST_SETS_OF_ONE * max(1, count($athleteIds)))->get()->toBase()->groupBy('athlete_id');
    }

    /**
     * Accessory work, in order.
     *
     * @param  list<string>  $athleteIds
     * @return Collection<array-key, Collection<array-key, AccessorySet>>
     */
    public function accessories(GymClass $class, string $on, array $athleteIds): Collection
    {
        return $this->ofClass($class, $on, AccessorySet::standing()->whereIn('athlete_id', $athleteIds))->orderBy('performed_at')
            ->orderBy('id')->limit(self::MOST_SETS_OF_ONE * max(1, count($athleteIds)))->get()->toBase()->groupBy('athlete_id');
    }

    /**
     * Keys of what is done in the place of lines.
     *
     * @param  list<string>  $athleteIds
     * @return array<string, array<string, string>> by athlete and line
     */
    public function switches(string $on, array $athleteIds): array
    {
        $switched = [];
        $rows = LineSwitch::query()->whereIn('athlete_id', $athleteIds)->where('held_on', $on)->whereNotNull('rung_key')
            ->get(['athlete_id', 'line', 'rung_key']);
        foreach ($rows as $row) {
            $switched[$row->athlete_id][$row->line] = (string) $row->rung_key;
        }

        return $switched;
    }

    /**
     * @template T of LoggedSet|AccessorySet
     *
     * @param  Builder<T>  $done
     * @return Builder<T>
     */
    private function ofClass(GymClass $class, string $on, Builder $done): Builder
    {
        $ends = $this->closesAt($class, $on);
        $next = $ends->format('Y-m-d');

        return $next === $on ? $done->where('trained_on', $on)
            : $done->whereIn('trained_on', [$on, $next])->where(
                static fn (Builder $q) => $q->where('trained_on', $on)->orWhere('performed_at', '<=', $ends),
            );
    }
}
