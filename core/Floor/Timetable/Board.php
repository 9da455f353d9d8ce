<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Timetable;

/**
 * Turns put one after the other where they first can be, also between others that were put before: a serial schedule with insertion. On a
 * station one at a time, each piece of gear with one at a time; where other bands are hung up than before, the change takes its time.
 * Copies are cheap, so that a search can go on from where two plans part.
 */
final class Board
{
    /** @var array<int, int> when each turn begins; −1 where it was not put yet */
    public array $startS;

    /** @var array<int, int> on which station */
    public array $station;

    /** @var array<int, int> when each athlete is rested, or has come */
    public array $readyS = [];

    /** What athletes waited, when they had rested or had come. */
    public int $waitingS = 0;

    /** Before which the class cannot end, by what is put so far; when it ends, once all is put. */
    public int $endS = 0;

    /** @var array<int, list<int>> of each station in order of time: when somebody begins, ends, and on which hitch */
    private array $begins;

    /** @var array<int, list<int>> */
    private array $ends;

    /** @var array<int, list<int>> */
    private array $hitches;

    /** @var array<int, list<int>> of each piece of gear */
    private array $taken;

    /** @var array<int, list<int>> */
    private array $given;

    public function __construct(private readonly Chart $chart)
    {
        $evening = $chart->evening;
        $this->startS = array_fill(0, $chart->turns(), -1);
        $this->station = array_fill(0, $chart->turns(), -1);
        foreach ($evening->comers as $comer) {
            $this->readyS[] = $comer->arrivesS;
        }
        $this->begins = $this->ends = $this->hitches = array_fill(0, count($evening->stations), []);
        $this->taken = $this->given = $evening->gear === [] ? [] : array_fill(0, count($evening->gear), []);
        foreach ($chart->begun as [$turn, $station, $startS]) {
            $this->hold($turn, $station, $startS);
        }
    }

    /**
     * Puts a turn where it can begin first.
     *
     * @param  list<int>|null  $stations  on one of these; none: on any where it can be done
     */
    public function put(int $turn, ?array $stations = null, int $loyaltyS = 0): void
    {
        [$start, $station] = $this->soonest($turn, $stations ?? $this->chart->stations[$turn], $loyaltyS);
        $this->hold($turn, $station, $start);
    }

    /**
     * When and where a turn could begin first, not before its athlete is ready nor before it is now.
     *
     * @param  list<int>  $stations
     * @return array{int, int}
     */
    public function soonest(int $turn, array $stations, int $loyaltyS = 0): array
    {
        $chart = $this->chart;
        $readyS = max($this->readyS[$chart->athlete[$turn]], $chart->nowS);
        $duration = $chart->durationS[$turn];
        $gear = $chart->gear[$turn];
        $best = $least = PHP_INT_MAX;
        $bestStation = $stations[0];
        $loyaltyS = count($stations) > 1 && $chart->hitch[$turn] !== 0 ? $loyaltyS : 0;
        foreach ($stations as $station) {
            $at = $readyS;
            $open = $chart->isOpen[$station];
            do {
                $asked = $at;
                if (! $open) {
                    $at = $this->freeOn($station, $at, $duration, $chart->hitch[$turn]);
                }
                foreach ($gear as $piece) {
                    $at = self::free($this->taken[$piece], $this->given[$piece], $at, $duration);
                }
            } while ($at !== $asked && $at < $least);
            $hangs = $loyaltyS === 0 || $open || $at >= $least || $this->hangsAt($station, $at, $chart->hitch[$turn]);
            $price = $hangs ? $at : $at + $loyaltyS;
            if ($price < $least) {
                [$least, $best, $bestStation] = [$price, $at, $station];
            }
        }

        return [$best, $bestStation];
    }

    /** Puts a turn down there and then, whoever else is there: what has begun is a fact. */
    public function hold(int $turn, int $station, int $startS): void
    {
        $chart = $this->chart;
        $end = $startS + $chart->durationS[$turn];
        if (! $chart->isOpen[$station]) {
            $i = self::firstAfter($this->begins[$station], $startS);
            array_splice($this->begins[$station], $i, 0, [$startS]);
            array_splice($this->ends[$station], $i, 0, [$end]);
            array_splice($this->hitches[$station], $i, 0, [$chart->hitch[$turn]]);
        }
        foreach ($chart->gear[$turn] as $piece) {
            $i = self::firstAfter($this->taken[$piece], $startS);
            array_splice($this->taken[$piece], $i, 0, [$startS]);
            array_splice($this->given[$piece], $i, 0, [$end]);
        }
        $this->startS[$turn] = $startS;
        $this->station[$turn] = $station;
        $this->waitingS += max(0, $startS - $this->readyS[$chart->athlete[$turn]]);
        $this->readyS[$chart->athlete[$turn]] = $end + $chart->restS[$turn];
        $this->endS = max($this->endS, $startS + $chart->tailS[$turn]);
    }

    /** How often other bands are hung up than hung there before. */
    public function changes(): int
    {
        $changes = 0;
        foreach ($this->hitches as $onStation) {
            $hung = array_values(array_filter($onStation));
            for ($i = 1; $i < count($hung); $i++) {
                $changes += $hung[$i] !== $hung[$i - 1] ? 1 : 0;
            }
        }

        return $changes;
    }

    private function freeOn(int $station, int $fromS, int $duration, int $hitch): int
    {
        $begins = $this->begins[$station];
        $ends = $this->ends[$station];
        $hitches = $this->hitches[$station];
        $change = $this->chart->evening->changeS;
        $count = count($begins);
        $i = 0;
        $hung = 0;
        while ($i < $count && $ends[$i] <= $fromS) {
            $hung = $hitches[$i] ?: $hung;
            $i++;
        }
        for (; ; $i++) {
            $start = $i === 0 ? $fromS : max($fromS, $ends[$i - 1] + ($hitch !== 0 && $hung !== 0 && $hung !== $hitch ? $change : 0));
            if ($i === $count) {
                return $start;
            }
            $left = $hitch ?: $hung;
            $end = $start + $duration;
            if ($end + ($hitches[$i] !== 0 && $left !== 0 && $hitches[$i] !== $left ? $change : 0) <= $begins[$i]
                && ($hitch === 0 || $hitches[$i] !== 0 || $this->leavesTime($station, $i, $hitch))) {
                return $start;
            }
            $hung = $hitches[$i] ?: $hung;
        }
    }

    /** Whether these bands hang there already, or none at all, when somebody begins. */
    private function hangsAt(int $station, int $atS, int $hitch): bool
    {
        $hung = 0;
        foreach ($this->begins[$station] as $i => $begins) {
            if ($begins > $atS) {
                break;
            }
            $hung = $this->hitches[$station][$i] ?: $hung;
        }

        return $hung === 0 || $hung === $hitch;
    }

    /** Whether the next bands hung up there, behind turns without any, can still be hung up in time. */
    private function leavesTime(int $station, int $i, int $hitch): bool
    {
        $hitches = $this->hitches[$station];
        for ($j = $i + 1; $j < count($hitches); $j++) {
            if ($hitches[$j] !== 0) {
                return $hitches[$j] === $hitch
                    || $this->begins[$station][$j] >= $this->ends[$station][$j - 1] + $this->chart->evening->changeS;
            }
        }

        return true;
    }

    /**
     * @param  list<int>  $taken
     * @param  list<int>  $given
     */
    private static function free(array $taken, array $given, int $fromS, int $duration): int
    {
        foreach ($taken as $i => $from) {
            if ($given[$i] > $fromS) {
                if ($fromS + $duration <= $from) {
                    return $fromS;
                }
                $fromS = $given[$i];
            }
        }

        return $fromS;
    }

    /** @param  list<int>  $times */
    private static function firstAfter(array $times, int $timeS): int
    {
        $i = count($times);
        while ($i > 0 && $times[$i - 1] > $timeS) {
            $i--;
        }

        return $i;
    }
}
