<?php

declare(strict_types=1);

use SteadyRung\Normal;
use SteadyRung\Strength\CapacityState;
use SteadyRung\Strength\RepCurve;
use SteadyRung\Strength\RepPrediction;

it('predicts fewer reps for more load, wider for a vaguer load, within 0 and 12', function (): void {
    $at = fn (float $share, float $sd = 0.0) => RepPrediction::at(RepCurve::steady(), new CapacityState(0, log(0.9), 0.03 ** 2), $share, $sd);

    expect($at(0.8)->median())->toBeLessThan($at(0.7)->median())
        ->and($at(0.7)->median())->toEqualWithDelta(1 + 27 * (0.9 / 0.7 - 1), 1e-9)
        ->and($at(0.7, 0.1)->high80())->toBeGreaterThan($at(0.7)->high80())
        ->and($at(0.7)->low80())->toBeLessThan($at(0.7)->median())
        ->and($at(1.5)->median())->toBe(0.0)
        ->and($at(0.3)->isClipped())->toBeTrue()
        ->and($at(0.7)->chanceOf(5))->toBeGreaterThan($at(0.75)->chanceOf(5))
        ->and($at(0.7)->chanceOf(9))->toEqualWithDelta(0.5, 0.2);
});

it('spreads by the state, the doubt of the load and the set to come', function (float $loadSd): void {
    $prediction = RepPrediction::at(RepCurve::steady(), new CapacityState(0, log(0.9), 0.03 ** 2), 0.8, $loadSd);
    $sd = sqrt(0.03 ** 2 + ($loadSd / 0.8) ** 2 + 0.04 ** 2);

    expect($prediction->high80())->toEqualWithDelta(1 + 27 * (0.9 / 0.8 * exp(Normal::Z90 * $sd) - 1), 1e-9)
        ->and($prediction->chanceOf(3))->toEqualWithDelta(Normal::cdf((log(0.9 / 0.8) - log(1 + 2 / 27)) / $sd), 1e-12);
})->with([0.0, 0.05]);

it('shows the figures it was made of, in order, and how wide it is', function (): void {
    $why = RepPrediction::at(RepCurve::steady(), new CapacityState(0, log(0.9), 0.03 ** 2), 0.8, 0.0)->why();
    $figures = array_map(static fn ($step): array => [$step->label, round($step->value, 6), $step->unit], $why->steps);

    expect($figures)->toBe([['Capacity', 90.0, '%'], ['Load on the way up', 80.0, '%'], ['Predicted reps', 4.375, 'reps']])
        ->and($why->uncertainties)->toBe(['Eight sets in ten fall within 2 to 6 reps; capacity is 87–94 %.']);
});
