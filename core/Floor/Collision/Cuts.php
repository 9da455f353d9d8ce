<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Collision;

use SteadyRung\Floor\Timetable\Comer;
use SteadyRung\Floor\Timetable\Evening;
use SteadyRung\Floor\Timetable\Programme;
use SteadyRung\Floor\Timetable\Retiming;
use SteadyRung\Floor\Timetable\Slot;
use SteadyRung\Floor\Timetable\Timetable;
use SteadyRung\Floor\Timetable\Turn;
use SteadyRung\Floor\Timetable\UnknownPlace;

/**
 * What to leave out first of a class that does not fit: of whoever ends last the line done last, one after the other, until it
 * fits.
 */
final class Cuts
{
    /** More are no advice. */
    private const MOST = 4;

    /**
     * @param  list<Slot>  $begun  facts
     * @return list<Cut> in order; none where the class fits
     *
     * @throws UnknownPlace if what began is none of the next sets
     */
    public static function of(Evening $evening, array $begun, Timetable $told, int $nowS): array
    {
        $cuts = [];
        $timed = $told;
        $begunOf = array_count_values(array_column($begun, 'athlete'));
        while (! $timed->fits && count($cuts) < self::MOST) {
            $late = self::latest($evening, $timed);
            $comer = $evening->comer($late);
            $left = array_slice($comer->turns ?? [], $begunOf[$late] ?? 0);
            $line = $left === [] ? '' : Programme::lineOf($left[count($left) - 1]->id);
            $kept = array_values(array_filter(
                $comer->turns ?? [],
                static fn (Turn $t): bool => ! in_array($t, $left, true) || Programme::lineOf($t->id) !== $line,
            ));
            if ($comer === null || $left === [] || $kept === []) {
                break;
            }
            $shorter = $evening->with(new Comer($late, $comer->arrivesS, $kept));
            $sooner = Retiming::of($shorter, $begun, $told->slots, $nowS);
            $cuts[] = new Cut($late, $line, count($comer->turns) - count($kept), $timed->endS - $sooner->endS);
            [$evening, $timed] = [$shorter, $sooner];
        }

        return $cuts;
    }

    /** Who ends last. */
    private static function latest(Evening $evening, Timetable $timed): string
    {
        $lasts = [];
        foreach ($evening->comers as $comer) {
            foreach ($comer->turns as $turn) {
                $lasts["$comer->id\n$turn->id"] = $turn->durationS;
            }
        }
        [$latest, $endS] = ['', PHP_INT_MIN];
        foreach ($timed->slots as $slot) {
            $end = $slot->startS + $lasts["$slot->athlete\n$slot->set"];
            [$latest, $endS] = $end > $endS ? [$slot->athlete, $end] : [$latest, $endS];
        }

        return $latest;
    }
}
