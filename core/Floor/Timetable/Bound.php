<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Timetable;

/**
 * No class ends sooner than this: not before its longest chain of sets and rests, nor before each piece of gear, and each group of stations,
 * has done what only it can do, from the first that can begin to the end of what must follow the last.
 */
final class Bound
{
    /** Groups of more stations than this are left out. */
    private const MOST_STATIONS = 8;

    /** A gym of many bars, each with sets of its own, has more groups than are worth looking at. */
    private const MOST_GROUPS = 300;

    public static function ofLengthS(Chart $chart): int
    {
        $bound = 0;
        foreach ($chart->first as $turn) {
            $bound = max($bound, $chart->headS[$turn] + $chart->tailS[$turn]);
        }
        $users = [];
        foreach ($chart->gear as $turn => $pieces) {
            foreach ($pieces as $piece) {
                $users[$piece][] = $turn;
            }
        }
        foreach ($users as $turns) {
            $bound = max($bound, self::load($chart, $turns, 1));
        }
        foreach (self::groups($chart) as $group) {
            $only = array_values(array_filter(
                array_keys($chart->stations),
                static fn (int $turn): bool => array_diff($chart->stations[$turn], $group) === [],
            ));
            $bound = max($bound, self::load($chart, $only, count($group)));
        }

        return $bound;
    }

    /**
     * The heads of the first so many as can go at once, all durations, and the tails behind the last.
     *
     * @param  list<int>  $turns
     */
    private static function load(Chart $chart, array $turns, int $atOnce): int
    {
        if (count($turns) < $atOnce) {
            return 0;
        }
        $heads = array_map(static fn (int $t): int => $chart->headS[$t], $turns);
        $tails = array_map(static fn (int $t): int => $chart->tailS[$t] - $chart->durationS[$t], $turns);
        sort($heads);
        sort($tails);
        $work = array_sum(array_map(static fn (int $t): int => $chart->durationS[$t], $turns));

        return (int) ceil((array_sum(array_slice($heads, 0, $atOnce)) + $work + array_sum(array_slice($tails, 0, $atOnce))) / $atOnce);
    }

    /** @return list<non-empty-list<int>> sets of stations that some turns cannot leave, and what these are together */
    private static function groups(Chart $chart): array
    {
        $groups = $alone = [];
        foreach ($chart->stations as $stations) {
            if (array_filter($stations, static fn (int $s): bool => $chart->isOpen[$s]) === []) {
                sort($stations);
                $alone[implode(' ', $stations)] = $stations;
            }
        }
        foreach ($alone as $stations) {
            foreach ([[], ...$groups] as $other) {
                $both = array_values(array_unique([...$other, ...$stations]));
                sort($both);
                if (count($both) <= self::MOST_STATIONS && count($groups) < self::MOST_GROUPS) {
                    $groups[implode(' ', $both)] = $both;
                }
            }
        }

        return array_values($groups);
    }
}
