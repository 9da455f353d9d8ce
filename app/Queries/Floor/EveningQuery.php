<?php

declare(strict_types=1);

namespace App\Queries\Floor;

use App\Context\Gym\CurrentGym;
use App\Models\Floor\ClassComer;
use App\Models\Floor\GymClass;
use App\Responses\Floor\FloorPieceResponse;
use App\Responses\Floor\SheetResponse;
use Illuminate\Support\Collection;
use Psr\Clock\ClockInterface;
use SteadyRung\Floor\Collision\Instead;
use SteadyRung\Floor\Timetable\Evening;
use SteadyRung\Floor\Timetable\GearKind;
use SteadyRung\Floor\Timetable\Programme;
use SteadyRung\Floor\Timetable\StationKind;
use SteadyRung\Floor\Timetable\Turn;

/**
 * Makes an evening of who is here, what their sessions ask, what they did, and what is in use.
 *
 * @phpstan-import-type KeptLine from SheetWork
 */
final readonly class EveningQuery
{
    /** Taking bands off and hanging others up (memory). */
    private const CHANGE_S = 30;

    public function __construct(
        private ComersQuery $comers,
        private DoneQuery $done,
        private CurrentGym $gym,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param  array<string, list<KeptLine>>  $works  as they are kept
     * @param  array<string, SheetResponse|\stdClass>  $sheets  that were read since
     * @param  list<FloorPieceResponse>  $pieces
     */
    public function of(GymClass $class, string $on, array $works, array $sheets, array $pieces): ?ClassEvening
    {
        $coming = $this->comers->of($class, $on)->coming();
        $ids = array_column($coming, 'id');
        $works = array_intersect_key(array_map(SheetWork::of(...), $sheets) + $works, array_flip($ids));
        [$sets, $accessories, $switches] = [
            $this->done->sets($class, $on, $ids), $this->done->accessories($class, $on, $ids), $this->done->switches($on, $ids),
        ];
        $inUse = array_column(array_filter($pieces, static fn (FloorPieceResponse $p): bool => ! $p->out), 'kind', 'id');
        $reading = new SheetWork(array_keys($inUse, 'bar', true), array_fill_keys(array_keys($inUse), true));
        $startsAt = $class->startsAt($on, $this->gym->timezone());
        $arrivals = ClassComer::arrivals($class->id, $on);
        $comers = $begun = $others = [];
        foreach ($coming as $athlete) {
            $own = new AthleteWork(
                $athlete->paused_at === null ? $works[$athlete->id] ?? [] : [],
                array_values(($sets->get($athlete->id) ?? new Collection)->all()),
                array_values(($accessories->get($athlete->id) ?? new Collection)->all()),
                $switches[$athlete->id] ?? [],
                $startsAt,
            );
            $arrivesS = isset($arrivals[$athlete->id]) ? self::seconds($startsAt, $arrivals[$athlete->id]) : 0;
            $programme = Programme::of($athlete->id, $arrivesS, $own->works($reading), $own->done());
            if ($programme->comer !== null) {
                $comers[] = $programme->comer;
                array_push($begun, ...$programme->begun);
                array_push($others, ...$own->instead($athlete->id, $reading));
            }
        }
        if ($comers === []) {
            return null;
        }
        $kinds = array_column($pieces, 'kind', 'id');
        $named = [...array_merge(...array_column($comers, 'turns')), ...$others];
        $evening = Evening::of($class->minutes * 60, self::CHANGE_S, self::stations($named, $kinds), self::gear($named, $kinds), $comers);

        return new ClassEvening($evening, $begun, max(0, self::seconds($startsAt, $this->clock->now())), $works, $others);
    }

    /**
     * @param  list<Turn|Instead>  $named
     * @param  array<string, string>  $kinds  of pieces by id
     * @return array<string, StationKind> that some of these name
     */
    private static function stations(array $named, array $kinds): array
    {
        $stations = [];
        foreach (array_merge(...array_column($named, 'stations')) as $id) {
            $stations[$id] = $id === SheetWork::FLOOR ? StationKind::Floor : StationKind::tryFrom($kinds[$id] ?? '') ?? StationKind::Bar;
        }

        return $stations;
    }

    /**
     * @param  list<Turn|Instead>  $named
     * @param  array<string, string>  $kinds  of pieces by id
     * @return array<string, GearKind>
     */
    private static function gear(array $named, array $kinds): array
    {
        $gear = [];
        foreach (array_merge(...array_column($named, 'gear')) as $id) {
            $gear[$id] = GearKind::tryFrom($kinds[$id] ?? '') ?? GearKind::Band;
        }

        return $gear;
    }

    public static function seconds(\DateTimeInterface $from, \DateTimeInterface $to): int
    {
        return $to->getTimestamp() - $from->getTimestamp();
    }
}
