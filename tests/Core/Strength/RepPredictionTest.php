<?php

declare(strict_types=1);

use SteadyRung\Strength\Estimate;
use SteadyRung\Strength\Filter\CapacityFilter;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\Observation;
use SteadyRung\Strength\RepPrediction;

it('predicts fewer reps for more load, wider for a vaguer one, none where nothing is possible, and at least 20 beyond that', function (): void {
    $at = fn (float $share, float $sd = 0.0) => RepPrediction::at(known(0.9, 0.03), FeltLoad::of($share, $sd));

    expect($at(0.8)->median())->toBeLessThan($at(0.7)->median())
        ->and($at(0.7)->median())->toEqualWithDelta(1 + 27 * (0.9 / 0.7 - 1), 1e-4)
        ->and($at(0.7, 0.1)->high80())->toBeGreaterThan($at(0.7)->high80())
        ->and($at(0.7)->low80())->toBeLessThan($at(0.7)->median())
        ->and($at(1.5)->median())->toBe(0.0)
        ->and($at(0.3)->isClipped())->toBeTrue()
        ->and($at(0.55)->median())->toBeGreaterThan(12.0)
        ->and($at(0.7)->chanceOf(5))->toBeGreaterThan($at(0.75)->chanceOf(5));
});

it('cancels the error of a set-up on that set-up, and adds it on another', function (): void {
    $state = null;
    foreach (range(0, 40, 4) as $day) {
        $state = CapacityFilter::usual()->after($state, Observation::reps($day, FeltLoad::of(0.8, 0.08, 'thick'), 7, 0));
    }
    $width = static fn (string $key): float => RepPrediction::at(
        $state,
        FeltLoad::of(0.8, 0.08, $key),
    )->high80() - RepPrediction::at($state, FeltLoad::of(0.8, 0.08, $key))->low80();

    expect($width('thick'))->toBeLessThan(4.5)->and($width('other'))->toBeGreaterThan($width('thick') + 3.0);
});

it('weighs what a fading help is worth by how much it fades', function (): void {
    $width = static fn (float $shape): float => RepPrediction::at(known(0.9), FeltLoad::of(0.75, 0.0, null, $shape))->high80();

    expect($width(-0.3))->toBeGreaterThan($width(-0.1))->and($width(-0.1))->toBeGreaterThan($width(0.0));
});

it('adds up from the capacity to the reps it shows, the error of the set-up and all curves included', function (float $share, float $shape): void {
    $state = CapacityFilter::usual()->prior(0);
    foreach (range(0, 40, 4) as $day) {
        $state = CapacityFilter::usual()->after($state, Observation::reps($day, FeltLoad::of($share, 0.08, 'band', $shape), 7, 0));
    }
    $why = Estimate::on(40, $state)->why(FeltLoad::of($share, 0.08, 'band', $shape));
    $steps = array_column($why->steps, 'value', 'label');
    preg_match('/1 \+ ([\d.]+) ×/', array_column($why->steps, 'how', 'label')['Reps on the mean curve'], $k);
    $onMean = 1.0 + (float) $k[1] * ($steps['Capacity'] / ($steps['Load as this athlete’s sets show it'] ?? $steps['Load on the way up']) - 1.0);

    expect($steps['Reps on the mean curve'])->toEqualWithDelta($onMean, 0.05)
        ->and($steps['Reps on the mean curve'] + ($steps['All curves and swings of form together'] ?? 0.0))
        ->toEqualWithDelta($steps['Predicted reps'], 0.051)
        ->and($steps)->toHaveKey('Load as this athlete’s sets show it');
})->with([[0.8, 0.0], [0.7, -0.2], [0.95, 0.0]]);

it('shows the figures it was made of, in order, and how wide it is', function (): void {
    $why = estimateOf(0.9, 0.03)->why(FeltLoad::of(0.8));
    $figures = array_map(static fn ($step): array => [$step->label, round($step->value, 3), $step->unit], $why->steps);

    expect($figures)->toBe([['Capacity', 90.0, '%'], ['Load on the way up', 80.0, '%'], ['Reps on the mean curve', 4.375, 'reps'], ['Predicted reps', 4.375, 'reps']])
        ->and($why->uncertainties)->toBe(['Eight sets in ten fall within 2 to 6 reps; capacity is 87–94 %.']);
});
