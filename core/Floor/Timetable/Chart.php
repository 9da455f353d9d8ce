<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Timetable;

/**
 * An evening as numbers, for the search: turns, stations and gear by place in a list. Bands hung up together are one hitch; 0 is none.
 */
final readonly class Chart
{
    /**
     * @param  list<int>  $athlete  of each turn
     * @param  list<int>  $durationS
     * @param  list<int>  $restS
     * @param  list<non-empty-list<int>>  $stations
     * @param  list<list<int>>  $gear
     * @param  list<int>  $hitch
     * @param  list<int>  $headS  before which a turn cannot begin
     * @param  list<int>  $tailS  from the beginning of a turn to the end of the athlete’s last
     * @param  list<int>  $first  turn of each athlete
     * @param  array<int, int>  $next  first of them that has not begun; one past the last where all have
     * @param  list<array{int, int, int}>  $begun  turn, station and when it began
     * @param  list<bool>  $isOpen  of each station: whether there is room for everybody
     */
    private function __construct(
        public Evening $evening,
        public array $athlete,
        public array $durationS,
        public array $restS,
        public array $stations,
        public array $gear,
        public array $hitch,
        public array $headS,
        public array $tailS,
        public array $first,
        public array $next,
        public array $begun,
        public int $nowS,
        public array $isOpen,
    ) {
    }

    /**
     * @param  list<Slot>  $begun  the first sets of athletes, in their order
     *
     * @throws UnknownPlace if one of these is none of the next of its athlete, or was begun where it cannot be done
     */
    public static function of(Evening $evening, array $begun = [], int $nowS = 0): self
    {
        $stationAt = array_flip(array_keys($evening->stations));
        $gearAt = array_flip(array_keys($evening->gear));
        $facts = self::bySet($begun);
        $athlete = $duration = $rest = $stations = $gear = $hitch = $head = $tail = $first = $next = $held = [];
        $hitches = ['' => 0];
        foreach ($evening->comers as $a => $comer) {
            $first[] = count($athlete);
            $from = $comer->arrivesS;
            $last = count($comer->turns) - 1;
            foreach ($comer->turns as $i => $turn) {
                $bands = array_values(array_filter($turn->gear, static fn (string $id): bool => $evening->gear[$id] === GearKind::Band));
                sort($bands);
                $athlete[] = $a;
                $duration[] = $turn->durationS;
                $rest[] = $i === $last ? 0 : $turn->restAfterS;
                $stations[] = array_map(static fn (string $id): int => $stationAt[$id], $turn->stations);
                $gear[] = array_map(static fn (string $id): int => $gearAt[$id], $turn->gear);
                $hitch[] = $hitches[implode("\n", $bands)] ??= count($hitches);
                $fact = $facts["$comer->id\n$turn->id"] ?? null;
                if ($fact !== null && ($next[$a] ?? null) === null) {
                    $station = $stationAt[$fact->station] ?? throw UnknownPlace::of($fact->station, $turn->id);
                    $held[] = [count($athlete) - 1, $station, $fact->startS];
                    unset($facts["$comer->id\n$turn->id"]);
                } else {
                    $next[$a] ??= count($athlete) - 1;
                }
                $head[] = $from = $fact->startS ?? max($from, $nowS);
                $from += $turn->durationS + $turn->restAfterS;
            }
            $next[$a] ??= count($athlete);
            $after = 0;
            for ($i = count($athlete) - 1; $i >= $first[$a]; $i--) {
                $after += $duration[$i] + $rest[$i];
                $tail[$i] = $after;
            }
        }
        foreach ($facts as $fact) {
            throw UnknownPlace::ofFact($fact->set, $fact->athlete);
        }
        usort($held, static fn (array $one, array $other): int => $one[2] <=> $other[2]);
        ksort($tail);

        return new self(
            $evening, $athlete, $duration, $rest, $stations, $gear, $hitch, $head, array_values($tail), $first, $next, $held, $nowS,
            array_map(static fn (StationKind $kind): bool => $kind === StationKind::Floor, array_values($evening->stations)),
        );
    }

    public function turns(): int
    {
        return count($this->athlete);
    }

    /** Whether a turn is one of an athlete’s; one past their last is not. */
    public function isOf(int $turn, int $athlete): bool
    {
        return ($this->athlete[$turn] ?? null) === $athlete;
    }

    /** How many have not begun. */
    public function left(): int
    {
        return count($this->athlete) - count($this->begun);
    }

    /**
     * @param  list<Slot>  $slots
     * @return array<string, Slot>
     */
    public static function bySet(array $slots): array
    {
        $bySet = [];
        foreach ($slots as $slot) {
            $bySet["$slot->athlete\n$slot->set"] = $slot;
        }

        return $bySet;
    }
}
