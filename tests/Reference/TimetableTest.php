<?php

declare(strict_types=1);

use SteadyRung\Floor\Timetable\Search;

/**
 * Small classes whose shortest length, and whose least waiting at that length, were proven by CBC 2.10.8 (COIN-OR, Debian's coinor-cbc) on a
 * mixed-integer program of the same class: starts, a station for each set, an order of any two that share a station or gear, and for each band
 * the band that hung there before.
 */
it('finds what a solver proved to be the shortest class, and the least waiting in it', function (int $seed, int $lengthS, int $waitingS): void {
    $table = Search::plan(smallClass($seed));

    expect($table->endS / $lengthS)->toBeGreaterThanOrEqual(1.0)->toBeLessThanOrEqual(1.01)
        ->and($table->waitingS / $waitingS)->toBeGreaterThanOrEqual(1.0)->toBeLessThanOrEqual(1.05);
})->with([
    [1, 753, 372], [2, 622, 402], [3, 513, 33], [4, 500, 185], [5, 772, 140], [6, 782, 456],
    [7, 560, 131], [8, 573, 199], [9, 823, 31], [10, 524, 221], [11, 650, 151], [12, 908, 215],
]);
