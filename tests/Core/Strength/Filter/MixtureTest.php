<?php

declare(strict_types=1);

use SteadyRung\Normal;
use SteadyRung\Strength\Filter\Mixture;
use SteadyRung\Strength\Filter\WeightedState;

it('is the one normal where one part weighs all, and leaves out what weighs nothing', function (): void {
    $one = Mixture::of([1.0], [0.2], [0.05]);
    $almost = Mixture::of([0.999999, 0.000001], [0.2, 9.0], [0.05, 1.0]);

    expect($one->mean())->toBe(0.2)->and($one->sd())->toEqualWithDelta(0.05, 1e-12)
        ->and($one->quantile(0.9))->toEqualWithDelta(0.2 + Normal::Z90 * 0.05, 1e-5)
        ->and($almost->mean())->toEqualWithDelta(0.2, 1e-12)->and($almost->sd())->toEqualWithDelta(0.05, 1e-12);
});

it('has quantiles that are the inverse of its chances, in order, and a spread that knows how far its parts lie apart', function (): void {
    $two = Mixture::of([0.3, 0.7], [-1.0, 1.0], [0.2, 0.4]);
    $before = -INF;
    foreach ([0.05, 0.1, 0.3, 0.5, 0.9, 0.99] as $chance) {
        $at = $two->quantile($chance);
        expect($at)->toBeGreaterThan($before)->and(1.0 - $two->chanceOfAtLeast($at))->toEqualWithDelta($chance, 1e-6);
        $before = $at;
    }

    expect($two->mean())->toEqualWithDelta(0.4, 1e-12)
        ->and($two->sd() ** 2)->toEqualWithDelta(0.3 * (0.04 + 1.96) + 0.7 * (0.16 + 0.36), 1e-12);
});

it('adds up what is said of one figure more than once, and finds the figure a chance is not exceeded by', function (): void {
    $k = WeightedState::of([27.4, 15.0, 27.4, 50.0], [0.3, 0.15, 0.3, 0.25]);

    expect($k->mean())->toEqualWithDelta(0.6 * 27.4 + 0.15 * 15.0 + 0.25 * 50.0, 1e-12)
        ->and([$k->quantile(0.1), $k->quantile(0.5), $k->quantile(0.75), $k->quantile(0.9)])->toBe([15.0, 27.4, 27.4, 50.0]);
});
