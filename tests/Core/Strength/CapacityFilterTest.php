<?php

declare(strict_types=1);

use SteadyRung\Simulation\VirtualAthlete;
use SteadyRung\Strength\CapacityFilter;
use SteadyRung\Strength\CapacityState;
use SteadyRung\Strength\Observation;
use SteadyRung\Strength\RepCurve;
use SteadyRung\Strength\RepPrediction;

function filter(): CapacityFilter
{
    return new CapacityFilter(RepCurve::steady());
}

it('begins at what the first session says', function (): void {
    $state = filter()->after(null, [Observation::of(10, 0.7, 0.0, 7, 1)])->state;

    expect($state->share())->toEqualWithDelta(0.7 * (1 + 7 / 27), 1e-12)->and($state->day)->toBe(10);
});

it('takes the set that speaks for most, a known reserve before an unknown one', function (): void {
    $known = Observation::of(1, 0.7, 0.0, 6, 1);
    $more = Observation::of(1, 0.7, 0.0, 7, 1);
    $unknown = Observation::of(1, 0.7, 0.0, 9, null);

    expect(filter()->after(null, [$known, $more, $unknown])->state)->toEqual(filter()->after(null, [$more])->state);
});

it('lets a set far from failure raise the estimate but never lower it', function (?int $reserve): void {
    $before = new CapacityState(0, log(0.9), 0.03 ** 2);
    $easy = filter()->after($before, [Observation::of(7, 0.6, 0.0, 3, $reserve)])->state;
    $strong = filter()->after($before, [Observation::of(7, 0.8, 0.0, 10, $reserve)])->state;

    expect($easy->meanLog)->toBe($before->meanLog)
        ->and($easy->variance)->toBeGreaterThan($before->variance)
        ->and($strong->meanLog)->toBeGreaterThan($before->meanLog);
})->with([4, 5, null]);

it('lowers the estimate for a hard set that falls short, and never raises it for a set without one rep', function (): void {
    $before = new CapacityState(0, log(0.9), 0.03 ** 2);

    expect(filter()->after($before, [Observation::of(7, 0.8, 0.0, 2, 0)])->state->meanLog)->toBeLessThan($before->meanLog)
        ->and(filter()->after($before, [Observation::of(7, 0.85, 0.0, 0, null)])->state->meanLog)->toBeLessThan($before->meanLog)
        ->and(filter()->after($before, [Observation::of(7, 1.10, 0.0, 0, null)])->state->meanLog)->toBe($before->meanLog);
});

it('widens visibly over two idle weeks and stays where it was', function (): void {
    $state = new CapacityState(0, log(0.9), 0.02 ** 2);
    $later = filter()->forward($state, 14);

    expect($later->share())->toBe($state->share())
        ->and($later->high80() - $later->low80())->toBeGreaterThan(1.3 * ($state->high80() - $state->low80()));
});

it('trusts a measured band more than an estimated one', function (): void {
    $before = new CapacityState(0, log(0.8), 0.05 ** 2);
    $sure = filter()->after($before, [Observation::of(1, 0.8, 0.02, 6, 0)])->state;
    $vague = filter()->after($before, [Observation::of(1, 0.8, 0.20, 6, 0)])->state;

    expect($sure->meanLog)->toBeGreaterThan($vague->meanLog)->and($sure->variance)->toBeLessThan($vague->variance);
});

it('drifts by two points a week, by the day, and not backwards', function (int $day, float $weeks): void {
    $later = filter()->forward(new CapacityState(10, log(0.9), 0.03 ** 2), $day);

    expect($later->variance)->toEqualWithDelta(0.03 ** 2 + $weeks * 0.02 ** 2, 1e-15)->and($later->day)->toBe(max(10, $day));
})->with([[10, 0.0], [11, 1 / 7], [24, 2.0], [3, 0.0]]);

it('holds the next first set of virtual athletes inside its 80 % interval about 80 times in 100', function (): void {
    $inside = $asked = 0;
    for ($seed = 1; $seed <= 60; $seed++) {
        $athlete = VirtualAthlete::of(0.7 + 0.005 * $seed, 0.008, $seed);
        $state = null;
        foreach (range(0, 60, 3) as $day) {
            $athlete->train(3);
            $load = $athlete->capacityShare() / 1.28;
            $reps = min(12, $athlete->repsToFailure($load, 0));
            if ($state !== null && $day > 12) {
                $prediction = RepPrediction::at(RepCurve::steady(), filter()->forward($state, $day), $load, 0.0);
                $asked++;
                $inside += floor($prediction->low80()) <= $reps && $reps <= floor($prediction->high80()) ? 1 : 0;
            }
            $state = filter()->after($state, [Observation::of($day, $load, 0.0, $reps, 0)])->state;
        }
    }

    expect($inside / $asked)->toBeGreaterThan(0.72)->toBeLessThan(0.93);
});
