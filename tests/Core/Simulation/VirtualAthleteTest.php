<?php

declare(strict_types=1);

use SteadyRung\Simulation\VirtualAthlete;

/** @return list<int> */
function reps(int $seed): array
{
    $athlete = VirtualAthlete::of(0.9, 0.01, $seed);
    $reps = [];
    for ($i = 0; $i < 20; $i++) {
        $athlete->train(3);
        $reps[] = $athlete->repsToFailure(0.7, $i % 3);
    }

    return $reps;
}

it('is the same athlete for the same seed and another for another', function (): void {
    expect(reps(7))->toBe(reps(7))->and(reps(7))->not->toBe(reps(8));
});

it('gets stronger week by week and tires from set to set', function (): void {
    $athlete = VirtualAthlete::of(0.9, 0.01, 3);
    $athlete->train(70);
    $first = $third = 0;
    for ($seed = 0; $seed < 50; $seed++) {
        $one = VirtualAthlete::of(0.9, 0.01, $seed);
        $first += $one->repsToFailure(0.7, 0);
        $third += $one->repsToFailure(0.7, 2);
    }

    expect($athlete->capacityShare())->toEqualWithDelta(0.99, 1e-9)->and($first)->toBeGreaterThan($third);
});
