<?php

declare(strict_types=1);

use SteadyRung\Strength\CapacityFilter;
use SteadyRung\Strength\CapacityState;
use SteadyRung\Strength\CapacityUpdate;
use SteadyRung\Strength\Observation;
use SteadyRung\Strength\RepCurve;
use SteadyRung\Why\Step;

/** @return array<string, float> the figures by their labels */
function figures(CapacityUpdate $update): array
{
    return array_column(array_map(static fn (Step $step): array => [$step->label, $step->value], $update->why()->steps), 1, 0);
}

function update(Observation $set, ?CapacityState $before = null): CapacityUpdate
{
    return (new CapacityFilter(RepCurve::steady()))->after($before, [$set]);
}

it('shows figures that lead to the capacity it believes', function (): void {
    $figures = figures(update(Observation::of(7, 0.8, 0.01, 6, 1), new CapacityState(0, log(0.9), 0.03 ** 2)));
    $seen = log($figures['What that set speaks for'] / 100);
    $before = log($figures['Believed before'] / 100);
    $weight = $figures['Weight of this session'] / 100;

    expect($figures['Load of the most telling set'])->toEqualWithDelta(80.0, 1e-9)
        ->and($figures['What that set speaks for'])->toEqualWithDelta(80.0 * (1 + 6 / 27), 1e-9)
        ->and(100 * exp($before + $weight * ($seen - $before)))->toEqualWithDelta($figures['Capacity'], 1e-9);
});

it('has nothing believed before at a first session', function (): void {
    $figures = figures(update(Observation::of(7, 0.8, 0.0, 6, 1)));

    expect($figures)->not->toHaveKey('Believed before')->and($figures['Capacity'])->toEqual($figures['What that set speaks for']);
});

it('says what would make it surer, and that a mere bound changes nothing', function (int $reps, ?int $reserve, float $weight, array $remedies): void {
    $update = update(Observation::of(7, 0.6, 0.02, $reps, $reserve), new CapacityState(0, log(0.9), 0.03 ** 2));

    expect(figures($update)['Weight of this session'] > 0.0)->toBe($weight > 0.0)
        ->and($update->why()->remedies)->toBe($remedies)
        ->and($update->why()->steps[0]->how)->toStartWith("$reps clean, ".($reps === 0 ? '0 in reserve' : ($reserve === null ? 'reserve unknown' : "$reserve in reserve")))
        ->and($update->why()->steps[3]->how)->toBe($weight > 0.0 ? 'the surer of the two counts more' : 'it only bounds what was believed already, so it changes nothing')
        ->and($update->why()->uncertainties[1])->toBe('The load of that set is known to ± 2.0 points.');
})->with([
    'reserve unknown' => [3, null, 0.0, ['Log a set with the reps left in reserve.']],
    'far from failure' => [3, 5, 0.0, ['Log a set with fewer than four reps left: far from failure it only says “at least so much”.']],
    'not one rep' => [0, null, 1.0, ['Log a set on more help: without one clean rep it only says “less than so much”.']],
    'near failure' => [8, 1, 1.0, []],
]);

it('says how wide the capacity is known, and of the load only where there is a doubt', function (): void {
    expect(update(Observation::of(7, 0.8, 0.0, 6, 0))->why()->uncertainties)->toBe(['Eight times in ten it lies from 89 to 101 %.']);
});
