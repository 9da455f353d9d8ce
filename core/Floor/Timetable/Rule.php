<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Timetable;

/**
 * By what it is settled who goes next, where a plan begins.
 */
enum Rule
{
    case MostLeft;
    case ReadyFirst;
    case LongestTurn;
    case ShortestTurn;
    case FewestStations;
    case MostGear;
    case SameHitch;

    /** The least goes first. */
    public function rank(Chart $chart, Board $board, int $turn, int $lastHitch): int
    {
        $ready = $board->readyS[$chart->athlete[$turn]];

        return match ($this) {
            self::MostLeft => -$chart->tailS[$turn] + $ready,
            self::ReadyFirst => $ready,
            self::LongestTurn => 4 * $ready - $chart->durationS[$turn] * 8,
            self::ShortestTurn => 4 * $ready + $chart->durationS[$turn] * 8,
            self::FewestStations => $ready + 120 * count($chart->stations[$turn]) - intdiv($chart->tailS[$turn], 4),
            self::MostGear => $ready - 180 * count($chart->gear[$turn]) - intdiv($chart->tailS[$turn], 4),
            self::SameHitch => $ready + ($chart->hitch[$turn] !== 0 && $chart->hitch[$turn] !== $lastHitch ? 2 * $chart->evening->changeS : 0),
        };
    }

    /** @return list<int> athletes, each as often as they have turns */
    public function order(Chart $chart): array
    {
        $board = new Board($chart);
        $next = array_filter($chart->next, $chart->isOf(...), ARRAY_FILTER_USE_BOTH);
        $last = 0;
        $order = [];
        for ($n = $chart->left(); $n > 0; $n--) {
            $best = array_key_first($next) ?? 0;
            $least = PHP_INT_MAX;
            foreach ($next as $athlete => $turn) {
                $rank = $this->rank($chart, $board, $turn, $last);
                if ($rank < $least) {
                    [$least, $best] = [$rank, $athlete];
                }
            }
            $turn = $next[$best];
            $board->put($turn);
            $last = $chart->hitch[$turn];
            $order[] = $best;
            if ($chart->isOf($turn + 1, $best)) {
                $next[$best]++;
            } else {
                unset($next[$best]);
            }
        }

        return $order;
    }
}
