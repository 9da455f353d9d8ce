<?php

declare(strict_types=1);

use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Strength\Filter\CapacityFilter;
use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Filter\CapacityUpdate;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\Observation;

/** @param  array<mixed>  $set load, reps, reserve, and what else an observation takes */
function after(
    ?CapacityState $before,
    int $day,
    float $load,
    int $reps,
    ?int $reserve = null,
    float $sd = 0.0,
    ?string $key = null,
): CapacityState {
    return CapacityFilter::usual()->after($before, Observation::reps($day, FeltLoad::of($load, $sd, $key), $reps, $reserve));
}

it('begins near what the first set says, less sure than it', function (): void {
    $state = after(null, 10, 0.7, 7, 1);

    expect($state->share())->toBeGreaterThan(0.85)->toBeLessThan(0.7 * (1 + 7.5 / 27))->and($state->day)->toBe(10);
});

it('lets a set far from failure raise the estimate but never lower it', function (?int $reserve): void {
    $before = after(after(null, 0, 0.8, 5, 0), 3, 0.8, 5, 0);
    $easy = after($before, 7, 0.6, 3, $reserve);
    $strong = after($before, 7, 0.8, 11, $reserve);

    expect($easy->share())->toBeGreaterThanOrEqual($before->on(7)->share() - 1e-6)
        ->and($strong->share())->toBeGreaterThan($before->on(7)->share() + 0.01);
})->with([4, 5, null]);

it('lowers the estimate for a hard set that falls short, and never raises it for a set without one rep', function (): void {
    $before = after(after(null, 0, 0.8, 5, 0), 3, 0.8, 5, 0);
    $now = $before->on(7)->share();

    expect(after($before, 7, 0.8, 2, 0)->share())->toBeLessThan($now)
        ->and(after($before, 7, 0.85, 0)->share())->toBeLessThan($now)
        ->and(after($before, 7, 1.4, 0)->share())->toEqualWithDelta($now, 1e-3);
});

it('learns a personal curve from two loads, and a trend from weeks of gains', function (): void {
    [$flat, $steep] = [null, null];
    foreach (range(0, 60, 3) as $day) {
        $flat = after(after($flat, $day, 0.9, 2, 0), $day, 0.6, 19, 0);
        $steep = after(after($steep, $day, 0.9, 2, 0), $day, 0.6, 8, 0);
    }
    $rising = null;
    foreach (range(0, 84, 7) as $week => $day) {
        $rising = after($rising, $day, 0.7 * exp(0.012 * $week), 6, 0);
    }

    expect($flat->k()->mean())->toBeGreaterThan($steep->k()->mean() + 8)
        ->and($rising->trend()->mean())->toBeGreaterThan(0.006)
        ->and($rising->trend()->quantile(0.1))->toBeGreaterThan(0.0);
});

it('keeps the errors of the six set-ups last used, and forgets the one longest not used', function (): void {
    $state = null;
    foreach (['a', 'b', 'c', 'a', 'd', 'e', 'f', 'g'] as $i => $key) {
        $state = after($state, 3 * $i, 0.75, 6, 1, 0.05, $key);
    }

    expect(array_keys($state->setups))->toBe(['c', 'a', 'd', 'e', 'f', 'g'])
        ->and($state->setups['g'])->toBe(5)
        ->and($state->knows(FeltLoad::of(0.7, 0.05, 'b')))->toBeFalse();
});

it('is never surer of the capacity than the one band it was seen through', function (): void {
    $state = null;
    foreach (range(0, 80, 4) as $day) {
        $state = after($state, $day, 0.7, 7, 0, 0.10, 'estimated');
    }
    $error = 0.10 / 0.7;

    expect($state->sdLog())->toBeGreaterThan(0.6 * $error)
        ->and($state->errorOf(FeltLoad::of(0.7, 0.10, 'estimated'))->sd())->toBeLessThan($error);
});

it('loses a percent a week after two weeks away, and takes that in one step', function (): void {
    $state = known(0.9, 0.03);

    expect($state->on(14)->share())->toEqualWithDelta(0.9, 1e-12)
        ->and($state->on(42)->share())->toEqualWithDelta(0.9 * exp(-0.04), 1e-12)
        ->and($state->on(21)->on(42)->sdLog())->not->toEqualWithDelta($state->on(42)->sdLog(), 1e-4);
});

it('says in a sentence what a set taught', function (int $reps, ?int $reserve, string $begins): void {
    $before = after(after(null, 0, 0.8, 6, 0), 3, 0.8, 6, 0);

    expect(
        CapacityUpdate::of(CapacityFilter::usual(), $before, Observation::reps(6, FeltLoad::of(0.8), $reps, $reserve))->taught(),
    )->toStartWith($begins);
})->with([
    [6, 0, 'As expected: capacity '],
    [10, 0, 'More than expected: capacity '],
    [2, 0, 'Less than expected: capacity '],
    [2, null, 'It bounds only what was believed already: capacity '],
]);

it('says what would make it surer', function (int $reps, ?int $reserve, array $remedies): void {
    $why = CapacityUpdate::of(CapacityFilter::usual(), null, Observation::reps(7, FeltLoad::of(0.6, 0.02, 'band'), $reps, $reserve))->why();

    expect($why->remedies)->toBe($remedies)
        ->and($why->uncertainties[1])->toContain('± 2.0 points')
        ->and(array_column($why->steps, 'label')[4])->toBe('Capacity');
})->with([
    'reserve unknown' => [3, null, ['Log a set with the reps left in reserve, or one to failure.']],
    'far from failure' => [3, 5, ['Log a set with fewer than four reps left: far from failure it only says “at least so much”.']],
    'not one rep' => [0, null, ['Log a set on more help: without one clean rep it only says “less than so much”.']],
    'near failure' => [8, 1, []],
]);

it('adds up: the half rep, the rule, and how far the set moved the estimate', function (int $reps, ?int $reserve, string $reckoned, float $toFailure): void {
    $before = CapacityFilter::usual()->after(CapacityFilter::usual()->prior(0), Observation::reps(0, FeltLoad::of(0.7), 5, 0));
    $update = CapacityUpdate::of(CapacityFilter::usual(), $before, Observation::reps(7, FeltLoad::of(0.8), $reps, $reserve, 8));
    [$load, $counted, $says, $was, $is] = $update->why()->steps;
    preg_match('/÷ ([\d.]+)\)/', $says->how, $k);
    preg_match('/; (\d+) % of the way/', $is->how, $part);

    expect([$counted->how, $counted->value])->toBe([$reckoned, $toFailure])
        ->and($says->value)->toEqualWithDelta($load->value * (1.0 + ($counted->value - 1.0) / (float) $k[1]), 0.05)
        ->and($part === [] ? $is->value : $was->value * ($says->value / $was->value) ** ($part[1] / 100.0))->toEqualWithDelta($is->value, 0.3);
})->with([
    [6, 2, '6 clean + 2 left + half a rep begun', 8.5],
    [6, 0, '6 clean + half a rep begun', 6.5],
    [5, null, '5 clean, short of what was asked, + half a rep begun', 5.5],
    [9, null, '9 clean, reserve unknown: at the least', 9.0],
    [6, 5, '6 clean + 3 believed of 5 left: at the least', 9.0],
    [0, null, 'not one clean', 1.0],
]);

it('says by which rule a set of reps and a timed one were read, and where the rule comes from', function (
    Observation $set,
    string $how,
    string $source,
): void {
    $step = CapacityUpdate::of(CapacityFilter::usual(), null, $set)->why()->steps[2];

    expect($step->how)->toStartWith($how)->and($step->source)->toContain($source);
})->with([
    [Observation::reps(7, FeltLoad::of(0.6), 6, 1), 'load × (1 + (reps to failure − 1)', 'Epley 1985'],
    [Observation::held(7, FeltLoad::of(0.8), Movement::Hold, 12.0), 'load ÷ the part of strength that can be held so long', 'Rohmert 1960'],
]);
