<?php

declare(strict_types=1);

use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Kit\Band\CalibrationPoint;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\Weight;
use SteadyRung\Ladder\Adviser;
use SteadyRung\Ladder\SteadyLadder;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/support/middle.php';

// How long the steadiest ladder takes with the gear of a large gym: 40 bands, 6 bars, 4 ring pairs. Seconds depend on the
// machine; the ratios are of one run: choice to enumeration, and the sliding window to the obvious quadratic search.

function largeKit(): Kit
{
    $bands = array_map(static function (int $i): LoopBand {
        $hungM = 0.94 + 0.001 * $i;
        $size = LoopBand::of("band $i", "Band $i", $hungM, 8.0 + 2.0 * $i, 4.5);
        $points = array_map(
            static fn (float $stretch): CalibrationPoint => CalibrationPoint::of($stretch * $hungM, $size->law->forceN($stretch * $hungM)),
            [1.4, 1.8, 2.2],
        );

        return LoopBand::of("band $i", "Band $i", $hungM, 8.0 + 2.0 * $i, 4.5, $points);
    }, range(0, 39));
    $bars = array_map(static fn (float $m): Bar => Bar::of("bar $m", "Bar $m", $m), [2.05, 2.20, 2.38, 2.50, 2.62, 3.05]);
    $rings = array_map(
        static fn (int $i): RingPair => RingPair::of("rings $i", "Rings $i", 2.4 + 0.2 * $i, [0.6, 0.8, 1.0, 1.2, 1.4, 1.6]),
        range(0, 3),
    );
    $small = [
        Box::of('low', 'Low', 0.3),
        Box::of('high', 'High', 0.5),
        Weight::of('a', '1.25 kg', 1.25),
        Weight::of('b', '2.5 kg', 2.5),
        Weight::of('c', '5 kg', 5.0),
    ];

    return Kit::of([...$bands, ...$bars, ...$rings, ...$small]);
}

/**
 * The obvious way: for each rung the smallest largest step over all rungs before it.
 *
 * @param  list<Rung>  $rungs
 */
function obviousLargestStep(array $rungs, float $from, float $smallest): float
{
    $best = [];
    foreach ($rungs as $i => $rung) {
        $step = $rung->share() - $from;
        $best[$i] = $step >= $smallest ? $step : INF;
        for ($j = 0; $j < $i; $j++) {
            $step = $rung->share() - $rungs[$j]->share();
            if ($step >= $smallest) {
                $best[$i] = min($best[$i], max($best[$j], $step));
            }
        }
    }

    return (float) end($best);
}

/**
 * @template T
 *
 * @param  Closure(): T  $work
 * @return array{T, float} its result and the median of three runs in s
 */
function timed(Closure $work): array
{
    $times = [];
    for ($i = 0; $i < 3; $i++) {
        $began = hrtime(true);
        $result = $work();
        $times[] = (hrtime(true) - $began) / 1e9;
    }

    return [$result, middle($times)];
}

$body = Body::of(70.0, 1.75, 2.107);
$search = new RungSearch(largeKit());
foreach ([[Lane::Pull, 0.55, 1.0], [Lane::Row, 0.35, 0.7]] as [$lane, $from, $to]) {
    $through = static fn (array $rungs): SteadyLadder => SteadyLadder::through($rungs, $from, $to);
    [$candidates, $enumerate] = timed(static fn (): array => $search->lane($lane, $body));
    [$ladder, $choose] = timed(static fn (): SteadyLadder => $through($candidates));
    [, $advise] = timed(static fn () => (new Adviser($search, $body))->advise($lane, $ladder, $through));
    [$largest, $obvious] = timed(static fn (): float => obviousLargestStep($ladder->considered, $from, 0.02));
    if (abs($largest - $ladder->largestStep) > 1e-9) {
        exit("The two ways differ: $largest and $ladder->largestStep\n");
    }
    printf(
        "%s: %d candidates, %d rungs considered, largest step %.2f %%\n",
        $lane->value,
        $ladder->candidates,
        count($ladder->considered),
        100 * $ladder->largestStep,
    );
    printf(
        "  found in %.2f s (enumeration %.2f s, choice %.3f s); advice %.2f s more\n",
        $enumerate + $choose,
        $enumerate,
        $choose,
        $advise,
    );
    printf("  choice ÷ enumeration %.2f; obvious choice ÷ choice %.0f\n", $choose / $enumerate, $obvious / $choose);
}
