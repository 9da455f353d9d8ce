<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use SteadyRung\Floor\Timetable\Retiming;
use SteadyRung\Floor\Timetable\Search;
use SteadyRung\Floor\Timetable\Slot;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/../tests/Core/Support/evenings.php';

// How good timetables are, and what they cost. Evenings of 24 at five bars and two pairs of rings against the bound; crowded ones, at two bars
// and a pair of rings with four bands, against the best of longer searches, which BENCH_LONG=1 looks for again (each a hundred times as long).

/** Seeds of crowded evenings, and the shortest that long searches found: of three so far, seeds 1 to 3. */
const CROWDED = [1 => 1213];

/** Seconds of processor time that this process has used. */
function usedS(): float
{
    $used = getrusage() ?: [];

    return $used['ru_utime.tv_sec'] + $used['ru_stime.tv_sec'] + ($used['ru_utime.tv_usec'] + $used['ru_stime.tv_usec']) / 1e6;
}

$times = static fn (float $ratio): string => sprintf('%.3f', $ratio);
$mostS = 0.0;
foreach (range(1, 6) as $seed) {
    $evening = drawEvening($seed, 24, 5, 2, 10, 3);
    $before = usedS();
    $table = Search::plan($evening);
    $mostS = max($mostS, usedS() - $before);
    echo "evening $seed: {$times($table->endS / $table->boundS)} of the bound, {$table->waitingS} s waited by 24, {$table->changes} changes\n";
}
foreach (CROWDED as $seed => $bestS) {
    $ratios = array_map(static fn (int $search): float => Search::plan(drawEvening($seed, 24, 2, 1, 4, 3), seed: $search)->endS / $bestS, [1, 2, 3]);
    sort($ratios);
    echo "crowded $seed: {$times($ratios[0])} to {$times($ratios[2])} of the best of longer searches, $bestS s\n";
}
if (getenv('BENCH_LONG') === '1') {
    foreach (array_keys(CROWDED) as $seed) {
        foreach (range(1, 10) as $search) {
            echo "crowded $seed, long search $search: ".Search::plan(drawEvening($seed, 24, 2, 1, 4, 3), seed: $search, placements: 100 * Search::PLACEMENTS)->endS." s\n";
        }
    }
}

$evening = drawEvening(2, 24, 5, 2, 10, 3);
$told = Search::plan($evening);
$random = new Randomizer(new Mt19937(1));
$before = usedS();
foreach (range(1, 100) as $i) {
    $nowS = $random->getInt(0, $told->endS);
    $begun = array_values(array_filter($told->slots, static fn (Slot $s): bool => $s->startS < $nowS));
    Retiming::of($evening, $begun, $told->slots, $nowS);
}
$retimedMs = 10.0 * (usedS() - $before);
printf("a search takes %.2f s of processor at the most, timing anew %.1f ms\n", $mostS, $retimedMs);
