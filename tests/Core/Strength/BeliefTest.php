<?php

declare(strict_types=1);

use SteadyRung\Strength\Belief;
use SteadyRung\Strength\CapacityState;

it('is less sure with every idle day, and no other in the middle', function (): void {
    $after = new CapacityState(100, log(0.9), 0.05 ** 2);
    [$today, $later] = [Belief::on(100, $after), Belief::on(128, $after)];

    expect($today->state)->toEqual($after)
        ->and($later->state->share())->toEqualWithDelta(0.9, 1e-12)
        ->and($later->state->variance)->toEqualWithDelta(0.05 ** 2 + 4 * 0.02 ** 2, 1e-12)
        ->and($later->predict(0.75, 0.01)->low80())->toBeLessThan($today->predict(0.75, 0.01)->low80() - 0.4)
        ->and($later->predict(0.75, 0.01)->high80())->toBeGreaterThan($today->predict(0.75, 0.01)->high80() + 0.4);
});

it('does not go back in time', function (): void {
    expect(Belief::on(90, new CapacityState(100, 0.0, 0.01))->state->variance)->toBe(0.01);
});

it('expects nothing before a baseline', function (): void {
    expect(Belief::on(5, null)->predict(0.7, 0.01))->toBeNull()->and(Belief::on(5, null)->shareFor(8.0))->toBeNull();
});
