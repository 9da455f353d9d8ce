<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Timetable;

/**
 * What was told is timed anew after something happened: what began stays, order and stations stay as they were told, unless another station
 * is so much sooner.
 */
final class Retiming
{
    /** So much sooner somebody must get on for being sent to another station than they were told. */
    public const SOONER_S = 60;

    /**
     * @param  list<Slot>  $begun  facts
     * @param  list<Slot>  $told  what was told before; who came since is put behind when they are ready
     *
     * @throws UnknownPlace if what began is none of the next sets
     */
    public static function of(Evening $evening, array $begun, array $told, int $nowS): Timetable
    {
        $chart = Chart::of($evening, $begun, $nowS);
        $board = new Board($chart);
        $slots = Chart::bySet($told);
        $stationAt = array_flip(array_keys($evening->stations));
        $waiting = [];
        foreach ($evening->comers as $a => $comer) {
            $from = PHP_INT_MIN;
            for ($turn = $chart->next[$a]; $chart->isOf($turn, $a); $turn++) {
                $slot = $slots["$comer->id\n{$comer->turns[$turn - $chart->first[$a]]->id}"] ?? null;
                $from = max($from, $slot->startS ?? $chart->headS[$turn]);
                $waiting[] = [$from, $turn, $slot === null ? null : $stationAt[$slot->station] ?? null];
            }
        }
        usort($waiting, static fn (array $one, array $other): int => [$one[0], $one[1]] <=> [$other[0], $other[1]]);
        foreach ($waiting as [, $turn, $station]) {
            $board->put($turn, self::stations($board, $chart, $turn, $station));
        }

        return Timetable::of($chart, $board, Bound::ofLengthS($chart));
    }

    /** @return list<int> that it was told, or all where another is sooner by so much */
    private static function stations(Board $board, Chart $chart, int $turn, ?int $told): array
    {
        $all = $chart->stations[$turn];
        if ($told === null || ! in_array($told, $all, true)) {
            return $all;
        }

        return $board->soonest($turn, $all)[0] <= $board->soonest($turn, [$told])[0] - self::SOONER_S ? $all : [$told];
    }
}
