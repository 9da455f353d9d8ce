<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Collision;

use SteadyRung\Floor\Timetable\Chart;
use SteadyRung\Floor\Timetable\Comer;
use SteadyRung\Floor\Timetable\Evening;
use SteadyRung\Floor\Timetable\Programme;
use SteadyRung\Floor\Timetable\Retiming;
use SteadyRung\Floor\Timetable\Slot;
use SteadyRung\Floor\Timetable\StationKind;
use SteadyRung\Floor\Timetable\Timetable;
use SteadyRung\Floor\Timetable\Turn;
use SteadyRung\Floor\Timetable\UnknownPlace;

/**
 * Finds who will want one thing at the same time within the next minutes, before it happens, and times each way out.
 */
final readonly class Collisions
{
    /** So far ahead they are told. */
    public const AHEAD_S = 300;

    /** A shorter wait for a piece of gear is none; a queue at a station is usual and is told when it is long. */
    private const LEAST_WAIT_S = 30;

    private const LEAST_QUEUE_S = 120;

    private const MOST = 2;

    private const MOST_SWITCHES = 4;

    /** Who begins so much sooner or later than told has moved. */
    public const MOVED_S = 30;

    /** @var array<string, int> sets by athlete */
    private array $begunOf;

    /** @var array<string, Comer> */
    private array $comers;

    /** @var array<string, Slot> by athlete and set */
    private array $slots;

    /** @var list<Slot> each athlete’s next turn, the soonest first */
    private array $next;

    /** @param  list<Slot>  $begun */
    private function __construct(private Evening $evening, private array $begun, private Timetable $told, private int $nowS)
    {
        $this->begunOf = array_count_values(array_column($begun, 'athlete'));
        $this->comers = array_column($evening->comers, null, 'id');
        $this->slots = Chart::bySet($told->slots);
        $this->next = $this->next();
    }

    /**
     * @param  list<Slot>  $begun  facts
     * @param  list<Instead>  $others  set-ups about as hard as those that are next
     * @return list<Collision> the soonest first; two at the most
     *
     * @throws UnknownPlace if what began is none of the next sets, or another set-up is where the class has nothing
     */
    public static function of(Evening $evening, array $begun, Timetable $told, int $nowS, array $others = []): array
    {
        $finder = new self($evening, $begun, $told, $nowS);
        $found = [];
        foreach ($finder->next as $second) {
            $pair = count($found) < self::MOST ? $finder->before($second) : null;
            if ($pair !== null) {
                [$first, $piece, $readyS] = $pair;
                $found[] = new Collision($first, $second, $piece, $readyS, $finder->ways($first, $second, $others));
            }
        }

        return $found;
    }

    /** @return list<Slot> */
    private function next(): array
    {
        $next = [];
        foreach ($this->comers as $comer) {
            $turn = $comer->turns[$this->begunOf[$comer->id] ?? 0] ?? null;
            $slot = $turn === null ? null : $this->slots["$comer->id\n$turn->id"];
            if ($slot !== null && $slot->startS <= $this->nowS + self::AHEAD_S) {
                $next[] = $slot;
            }
        }
        usort($next, static fn (Slot $one, Slot $other): int => $one->startS <=> $other->startS);

        return $next;
    }

    /** @return array{Slot, string, int}|null who goes before somebody who waits for it, for which piece, and when they would be ready */
    private function before(Slot $second): ?array
    {
        $turn = $this->turn($second);
        $readyS = $this->readyS($second->athlete);
        $waitS = $second->startS - $readyS;
        if ($waitS < self::LEAST_WAIT_S) {
            return null;
        }
        foreach ($this->next as $first) {
            $earlier = $this->turn($first);
            if ($first->athlete === $second->athlete || $first->startS >= $second->startS || $first->startS + $earlier->durationS <= $readyS) {
                continue;
            }
            $shared = array_values(array_intersect($turn->gear, $earlier->gear))[0] ?? null;
            if ($shared !== null && $first->station !== $second->station) {
                return [$first, $shared, $readyS];
            }
            $isQueue = $first->station === $second->station && $this->evening->stations[$first->station] !== StationKind::Floor;
            if ($isQueue && $waitS >= self::LEAST_QUEUE_S) {
                return [$first, $first->station, $readyS];
            }
        }

        return null;
    }

    /**
     * @param  list<Instead>  $others
     * @return non-empty-list<WayOut>
     */
    private function ways(Slot $first, Slot $second, array $others): array
    {
        $swapped = array_map(
            static fn (Slot $s): Slot => $s === $second ? new Slot($s->athlete, $s->set, $first->startS - 1, $s->station) : $s,
            $this->told->slots,
        );
        $keep = $this->way(WayOutKind::Keep, $first, $second, null, $this->told);
        $ways = [$this->way(WayOutKind::Swap, $second, $first, null, $this->timed($this->evening, $swapped))];
        $lines = [$second->athlete => Programme::lineOf($second->set), $first->athlete => Programme::lineOf($first->set)];
        $fitting = array_filter($others, static fn (Instead $i): bool => ($lines[$i->athlete] ?? null) === $i->line);
        foreach (array_slice(array_values($fitting), 0, self::MOST_SWITCHES) as $instead) {
            $evening = $this->evening->with($instead->of($this->comers[$instead->athlete], $this->begunOf[$instead->athlete] ?? 0));
            $ways[] = $this->way(WayOutKind::Switch, $first, $second, $instead, $this->timed($evening, $this->told->slots));
        }
        usort($ways, static fn (WayOut $one, WayOut $other): int => $one->waitingS <=> $other->waitingS);

        return $ways[0]->waitingS < $keep->waitingS ? [...$ways, $keep] : [$keep, ...$ways];
    }

    private function way(WayOutKind $kind, Slot $first, Slot $second, ?Instead $instead, Timetable $timed): WayOut
    {
        $moved = [];
        $waitsS = 0;
        foreach ($timed->slots as $slot) {
            if ($slot->athlete === $second->athlete && $slot->set === $second->set) {
                $waitsS = max(0, $slot->startS - $this->readyS($slot->athlete));
            } elseif ($slot->athlete !== $first->athlete && $slot->athlete !== $second->athlete
                && abs($slot->startS - $this->slots["$slot->athlete\n$slot->set"]->startS) > self::MOVED_S) {
                $moved[$slot->athlete] = true;
            }
        }

        return new WayOut($kind, $first->athlete, $instead, $waitsS, count($moved), $timed->endS - $this->told->endS, $timed->waitingS);
    }

    /** @param  list<Slot>  $told */
    private function timed(Evening $evening, array $told): Timetable
    {
        return Retiming::of($evening, $this->begun, $told, $this->nowS);
    }

    /** When somebody is rested, or has come, or is waiting already. */
    private function readyS(string $athlete): int
    {
        $comer = $this->comers[$athlete];
        $last = $comer->turns[($this->begunOf[$athlete] ?? 0) - 1] ?? null;
        if ($last === null) {
            return max($comer->arrivesS, $this->nowS);
        }

        return max($this->slots["$athlete\n$last->id"]->startS + $last->durationS + $last->restAfterS, $this->nowS);
    }

    private function turn(Slot $slot): Turn
    {
        return array_column($this->comers[$slot->athlete]->turns, null, 'id')[$slot->set];
    }
}
