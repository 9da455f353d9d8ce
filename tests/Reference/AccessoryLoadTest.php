<?php

declare(strict_types=1);

use SteadyRung\Method\Accessory;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Measure;
use SteadyRung\Plan\Diary\AccessoryWork;

// American College of Sports Medicine, position stand on progression models in resistance training (2009; memory): 2–10 % more load
// once the reps asked are done.
it('adds 2–10 % once the reps that are asked were done, in steps a gym has', function (float $kg): void {
    $next = (new AccessoryWork(1, Accessory::Curl, 12, null, $kg))->next(Amount::of(Measure::Reps, 8, 12));
    $more = (float) $next / $kg - 1.0;

    expect($more)->toBeGreaterThanOrEqual(0.02)->toBeLessThanOrEqual(0.10 + 1e-9)->and(fmod((float) $next, 0.5))->toBe(0.0);
})->with([5.0, 8.0, 12.5, 20.0, 32.0, 40.0]);

it('stays at the load until then, and says what comes where there is none', function (): void {
    $asked = Amount::of(Measure::Reps, 8, 12);

    expect((new AccessoryWork(1, Accessory::Curl, 11, null, 8.0))->next($asked))->toBeNull()
        ->and((new AccessoryWork(1, Accessory::PushUp, 12, null, null))->next($asked))->toContain('a harder kind')
        ->and((new AccessoryWork(1, Accessory::Plank, null, 45.0, null))->next(Amount::of(Measure::Seconds, 60)))->toBeNull()
        ->and(
            (new AccessoryWork(1, Accessory::Carry, null, null, 16.0, 30.0))->next(Amount::of(Measure::Metres, 30)),
        )->toBe(spaced('17.0 kg × 30 m next'));
});
