<?php

declare(strict_types=1);

use SteadyRung\OutOfRange;
use SteadyRung\Strength\Reps\Formula;
use SteadyRung\Strength\Reps\RepCurve;

it('inverts itself between 1 and 12 reps with every formula', function (Formula $formula): void {
    $curve = RepCurve::of($formula);
    for ($reps = 1.0; $reps <= 12.0; $reps += 0.5) {
        $back = $curve->repsAt($curve->capacity(50.0, $reps), 50.0);
        expect($back->reps)->toEqualWithDelta($reps, 1e-9)->and($back->clipped)->toBeFalse();
    }
})->with(Formula::cases());

it('gives fewer reps for more load and never less than none', function (): void {
    $curve = RepCurve::steady();
    $before = INF;
    foreach ([40, 50, 60, 70, 80, 90] as $load) {
        $reps = $curve->repsAt(75, $load)->reps;
        expect($reps)->toBeLessThanOrEqual($before)->toBeGreaterThanOrEqual(0.0);
        $before = $reps;
    }
    expect($curve->repsAt(75, 90)->reps)->toBe(0.0);
});

it('clips above twelve reps and says so', function (): void {
    $reps = RepCurve::steady()->repsAt(100, 40);

    expect($reps->reps)->toBe(12.0)->and($reps->clipped)->toBeTrue()
        ->and(RepCurve::steady()->capacity(40, 30))->toBe(RepCurve::steady()->capacity(40, 12));
});

it('bends with a personal k between 12 and 60', function (): void {
    expect(RepCurve::steady(60)->capacity(50, 10))->toBeLessThan(RepCurve::steady(12)->capacity(50, 10))
        ->and(fn () => RepCurve::steady(11.9))->toThrow(OutOfRange::class)
        ->and(fn () => RepCurve::steady()->capacity(0, 5))->toThrow(OutOfRange::class)
        ->and(fn () => RepCurve::steady()->capacity(50, NAN))->toThrow(OutOfRange::class);
});
