<?php

declare(strict_types=1);

use SteadyRung\Report\Portion;
use SteadyRung\Report\Spell;
use SteadyRung\Report\Waiting;

const SURE_95 = 1.959963984540054;

// Newcombe 1998, “Two-sided confidence intervals for the single proportion”, table I, method 3 (score without continuity correction).
it('has the score interval of a proportion', function (int $some, int $all, float $low, float $high): void {
    $portion = Portion::of($some, $all, SURE_95);
    expect(round($portion->low, 4))->toBe($low)->and(round($portion->high, 4))->toBe($high);
})->with([[81, 263, 0.2553, 0.3662], [15, 148, 0.0624, 0.1605], [0, 20, 0.0, 0.1611], [1, 29, 0.0061, 0.1718]]);

it('agrees with SciPy on score intervals', function (): void {
    $given = [[0, 7], [3, 7], [7, 7], [12, 90], [499, 500]];
    $theirs = scipy(
        "from scipy.stats import binomtest\nanswer = [list(binomtest(k, n).proportion_ci(0.8, 'wilson')) for k, n in given]",
        $given,
    );
    foreach ($given as $i => [$some, $all]) {
        $portion = Portion::of($some, $all);
        expect($portion->low)->toEqualWithDelta($theirs[$i][0], 1e-9)->and($portion->high)->toEqualWithDelta($theirs[$i][1], 1e-9);
    }
});

// Freireich et al. 1963, weeks to relapse under 6-mercaptopurine; the estimate and its median (23, 16 to none) as printed with R's survival
// package and in Klein & Moeschberger, “Survival Analysis”, 4.2.
it('has the estimate of what is left of Kaplan and Meier, and the interval of its median', function (): void {
    $spells = array_map(
        fn (string $weeks): Spell => new Spell((float) $weeks, ! str_ends_with($weeks, '+')),
        explode(' ', '6 6 6 6+ 7 9+ 10 10+ 11+ 13 16 17+ 19+ 20+ 22 23 25+ 32+ 32+ 34+ 35+'),
    );
    $waiting = Waiting::of($spells, SURE_95);
    $left = array_map(fn (int $week): float => round(1.0 - $waiting->cameBy($week)[0], 3), [5, 6, 7, 10, 13, 16, 22, 23, 35]);

    expect($left)->toBe([1.0, 0.857, 0.807, 0.753, 0.69, 0.627, 0.538, 0.448, 0.448])
        ->and($waiting->median())->toBe(23.0)->and($waiting->medianRange())->toBe([16.0, null])
        ->and($waiting->cameBy(36.0))->toBeNull();
    // R prints the interval at week 10 as 0.586 to 0.968.
    [, $low, $high] = $waiting->cameBy(10.0);
    expect(round(1.0 - $high, 3))->toBe(0.586)->and(round(1.0 - $low, 3))->toBe(0.968);
});
