<?php

declare(strict_types=1);

use SteadyRung\Strength\Estimate;
use SteadyRung\Strength\Filter\FeltLoad;

it('is less sure with every idle day, and lower after weeks away', function (): void {
    [$today, $later] = [Estimate::on(100, known(0.9, 0.05, 100)), Estimate::on(128, known(0.9, 0.05, 100))];
    $load = FeltLoad::of(0.75, 0.01);

    expect($today->state)->toEqual(known(0.9, 0.05, 100))
        ->and($later->state->share())->toEqualWithDelta(0.9 * exp(-0.02), 1e-12)
        ->and($later->state->sdLog())->toBeGreaterThan(0.055)
        ->and($later->predict($load)->low80())->toBeLessThan($today->predict($load)->low80() - 0.8)
        ->and($later->predict($load)->high80())->toBeGreaterThan($today->predict($load)->median());
});

it('does not go back in time', function (): void {
    expect(Estimate::on(90, known(1.0, 0.1, 100))->state)->toEqual(known(1.0, 0.1, 100));
});

it('expects nothing before a baseline', function (): void {
    $none = Estimate::on(5, null);

    expect([$none->predict(FeltLoad::of(0.7)), $none->shareFor(8.0), $none->ahead()])->toBe([null, null, null]);
});

it('names the load on which so many reps are the median', function (float $reps): void {
    $estimate = estimateOf(0.9);

    expect($estimate->predict(FeltLoad::of($estimate->shareFor($reps)))->median())->toEqualWithDelta($reps, 1e-3);
})->with([1.0, 5.0, 8.0, 12.0]);
