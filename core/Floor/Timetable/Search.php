<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Timetable;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Looks for an order of athletes, each as often as they have sets, that ends soonest and lets them wait least: from the best of seven rules by
 * late acceptance (Burke and Bykov 2017), a plan being taken that is no worse than the present one or than that of so many plans ago.
 */
final class Search
{
    /** So often a turn is put somewhere before the search ends. */
    public const PLACEMENTS = 120_000;

    /** Of a hundred moves so many take a pair from the chain that ends last, and so many some pair of which one waits. */
    private const CRITICAL = 20;

    private const WAITING = 20;

    /** Loyalties to bands that hang, in changes; the best goes on. */
    private const LOYALTIES = [0, 1, 3];

    /** Longer searches look farther back. */
    private const MEMORY_PER_PLACEMENT = 1 / 4000;

    /** A second of the class counts as so many seconds that somebody waits, while it is searched. */
    private const LENGTH_WEIGHT = 100;

    private readonly Randomizer $random;

    private readonly int $turns;

    private readonly int $boundS;

    private readonly int $memory;

    private int $left;

    /** @var list<Board> the present plan before each of its turns, and its end */
    private array $boards = [];

    /** @var list<int> */
    private array $order = [];

    /** So much later a turn is rather put where its bands hang already than where others would come down. */
    private int $loyaltyS = 0;

    private function __construct(private readonly Chart $chart, int $seed, int $placements)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->turns = $chart->left();
        $this->boundS = Bound::ofLengthS($chart);
        $this->left = $placements;
        $this->memory = max(1, (int) ($placements * self::MEMORY_PER_PLACEMENT));
    }

    /**
     * @param  list<Slot>  $begun  what has begun stays where it is
     *
     * @throws UnknownPlace if what began is none of the next sets
     */
    public static function plan(
        Evening $evening,
        array $begun = [],
        int $nowS = 0,
        int $seed = 1,
        int $placements = self::PLACEMENTS,
    ): Timetable {
        $chart = Chart::of($evening, $begun, $nowS);
        $search = new self($chart, $seed, $placements);

        return Timetable::of($chart, $search->best(), $search->boundS);
    }

    private function best(): Board
    {
        $best = $this->begin();
        $isMixed = count(array_unique($this->order)) > 1;
        $cost = self::cost($best);
        $past = array_fill(0, $this->memory, $cost);
        for ($step = 0; $this->left > 0 && ! $this->isPerfect($best) && $isMixed; $step++) {
            $slot = $step % $this->memory;
            [$order, $from] = $this->neighbour();
            $allowed = max($cost, $past[$slot]);
            $boards = $this->decode($order, $from, $allowed);
            if ($boards !== null) {
                $this->order = $order;
                array_splice($this->boards, $from + 1, null, $boards);
                $cost = self::cost($this->boards[$this->turns]);
                if (self::isBetter($this->boards[$this->turns], $best)) {
                    $best = $this->boards[$this->turns];
                }
            }
            if ($cost < $past[$slot]) {
                $past[$slot] = $cost;
            }
        }

        return $best;
    }

    private function begin(): Board
    {
        if ($this->turns === 0) {
            return new Board($this->chart);
        }
        $best = null;
        $plan = [[], [], 0];
        foreach (Rule::cases() as $rule) {
            $order = $rule->order($this->chart);
            foreach (self::LOYALTIES as $changes) {
                $this->boards = [new Board($this->chart)];
                $this->loyaltyS = $changes * $this->chart->evening->changeS;
                $boards = $this->decode($order, 0, PHP_INT_MAX) ?? [];
                $end = $boards[$this->turns - 1] ?? new Board($this->chart);
                if ($best === null || self::isBetter($end, $best)) {
                    [$best, $plan] = [$end, [$order, $boards, $this->loyaltyS]];
                }
            }
        }
        [$this->order, $boards, $this->loyaltyS] = $plan;
        $this->boards = [new Board($this->chart), ...$boards];

        return $best;
    }

    /**
     * The boards behind each turn from a place on; none where it becomes dearer than allowed.
     *
     * @param  list<int>  $order
     * @return list<Board>|null
     */
    private function decode(array $order, int $from, int $allowed): ?array
    {
        $chart = $this->chart;
        $board = $this->boards[$from];
        $boards = [];
        $done = array_count_values(array_slice($order, 0, $from));
        for ($i = $from; $i < $this->turns; $i++) {
            $athlete = $order[$i];
            $turn = $chart->next[$athlete] + ($done[$athlete] ?? 0);
            $done[$athlete] = ($done[$athlete] ?? 0) + 1;
            $board = clone $board;
            $board->put($turn, null, $this->loyaltyS);
            $this->left--;
            if (self::LENGTH_WEIGHT * $board->endS + $board->waitingS > $allowed) {
                return null;
            }
            $boards[] = $board;
        }

        return $boards;
    }

    /** @return array{list<int>, int} an order that differs, and the first place where it does */
    private function neighbour(): array
    {
        $move = $this->random->getInt(0, 99);
        $pair = match (true) {
            $move < self::CRITICAL => $this->critical(),
            $move < self::CRITICAL + self::WAITING => $this->waiting(),
            default => null,
        };
        if ($pair !== null) {
            return $this->before($pair[1], $pair[0]);
        }
        $order = $this->order;
        $last = $this->turns - 1;
        do {
            $i = $this->random->getInt(0, $last);
            $j = $this->random->getInt(0, $last);
        } while ($order[$i] === $order[$j]);
        if ($move % 2 === 0) {
            array_splice($order, $i, 1, [$this->order[$j]]);
            array_splice($order, $j, 1, [$this->order[$i]]);
        } else {
            $moved = array_splice($order, $i, 1);
            array_splice($order, $j, 0, $moved);
        }

        return [$order, min($i, $j)];
    }

    /** @return array{int, int}|null two turns on the chain that ends last, the later of which had to wait for the other */
    private function critical(): ?array
    {
        $board = $this->boards[$this->turns];
        $turn = $this->order[0];
        foreach ($board->startS as $t => $start) {
            $turn = $start + $this->chart->durationS[$t] === $board->endS ? $t : $turn;
        }
        $pairs = [];
        while (true) {
            $blocker = $this->blocker($board, $turn);
            if ($blocker !== null) {
                $pairs[] = [$blocker, $turn];
                $turn = $blocker;
            } elseif ($turn > $this->chart->next[$this->chart->athlete[$turn]]) {
                $turn--;
            } else {
                return $pairs === [] ? null : $pairs[$this->random->getInt(0, count($pairs) - 1)];
            }
        }
    }

    /** @return array{int, int}|null some turn that had to wait for another, and that */
    private function waiting(): ?array
    {
        $board = $this->boards[$this->turns];
        for ($tries = 0; $tries < 8; $tries++) {
            $turn = $this->random->getInt(0, $this->chart->turns() - 1);
            $blocker = $this->blocker($board, $turn);
            if ($blocker !== null) {
                return [$blocker, $turn];
            }
        }

        return null;
    }

    /** The turn of somebody else that ends last before one that had to wait, on its station or with its gear. */
    private function blocker(Board $board, int $turn): ?int
    {
        $chart = $this->chart;
        $start = $board->startS[$turn];
        $athlete = $chart->athlete[$turn];
        $ready = $turn > $chart->first[$athlete]
            ? $board->startS[$turn - 1] + $chart->durationS[$turn - 1] + $chart->restS[$turn - 1]
            : $chart->headS[$turn];
        if ($start <= $ready || $turn < $chart->next[$athlete]) {
            return null;
        }
        $latest = null;
        $ends = $ready;
        foreach ($board->startS as $other => $begins) {
            $end = $begins + $chart->durationS[$other];
            if ($end > $ends && $other >= $chart->next[$chart->athlete[$other]] && $begins < $start && $end <= $start && $chart->athlete[$other] !== $athlete
                && ($board->station[$other] === $board->station[$turn] && ! $chart->isOpen[$board->station[$turn]]
                    || array_intersect($chart->gear[$other], $chart->gear[$turn]) !== [])) {
                [$latest, $ends] = [$other, $end];
            }
        }

        return $latest;
    }

    /** @return array{list<int>, int} the order with one turn right before another */
    private function before(int $turn, int $other): array
    {
        [$i, $j] = [$this->place($turn), $this->place($other)];
        $order = $this->order;
        if ($i > $j) {
            $moved = array_splice($order, $i, 1);
            array_splice($order, $j, 0, $moved);

            return [$order, $j];
        }
        $moved = array_splice($order, $j, 1); // it was put first already and fits in before: the other goes behind it
        array_splice($order, $i, 0, $moved);

        return [$order, $i];
    }

    private function place(int $turn): int
    {
        $athlete = $this->chart->athlete[$turn];

        return array_keys($this->order, $athlete, true)[$turn - $this->chart->next[$athlete]];
    }

    private function isPerfect(Board $board): bool
    {
        return $board->endS <= $this->boundS && $board->waitingS === 0;
    }

    private static function cost(Board $board): int
    {
        return self::LENGTH_WEIGHT * $board->endS + $board->waitingS;
    }

    private static function isBetter(Board $one, Board $other): bool
    {
        return [$one->endS, $one->waitingS] < [$other->endS, $other->waitingS];
    }
}
