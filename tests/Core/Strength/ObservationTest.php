<?php

declare(strict_types=1);

use SteadyRung\OutOfRange;
use SteadyRung\Strength\Observation;
use SteadyRung\Strength\RepCurve;

function variance(int $reps, ?int $reserve, float $load = 0.8, float $loadSd = 0.0): float
{
    return Observation::of(0, $load, $loadSd, $reps, $reserve)->variance(RepCurve::steady());
}

it('spreads by the count of reps, the guess at the reserve, the form of the day and the doubt of the load', function (int $reps, ?int $reserve, float $repSd, float $repsToFailure): void {
    $ofTheCount = $repSd / (26.0 + $repsToFailure);

    expect(variance($reps, $reserve))->toEqualWithDelta($ofTheCount ** 2 + 0.03 ** 2, 1e-12)
        ->and(variance($reps, $reserve, 0.8, 0.02))->toEqualWithDelta($ofTheCount ** 2 + 0.03 ** 2 + 0.025 ** 2, 1e-12);
})->with([
    'to failure' => [6, 0, 0.7 + 0.08 * 6, 6.0],
    'one in reserve' => [6, 1, 0.7 + 0.08 * 7 + 0.6, 7.0],
    'far from failure' => [3, 5, 2.5, 8.0],
    'nobody said how far' => [6, null, 2.5, 6.0],
    'not one rep' => [0, null, 2.5, 0.0],
    'so many that the count is wider than not knowing' => [12, null, 2.5, 12.0],
]);

it('is less sure with more reps, with a guessed reserve, and with none said', function (): void {
    expect(variance(9, 0))->toBeGreaterThan(variance(3, 0))
        ->and(variance(6, 2))->toBeGreaterThan(variance(8, 0))
        ->and(variance(6, null))->toBeGreaterThan(variance(6, 3));
});

it('speaks for the load times the reps to failure, at most twelve of them', function (): void {
    $capacity = fn (int $reps, ?int $reserve): float => exp(Observation::of(0, 0.8, 0.0, $reps, $reserve)->logCapacity(RepCurve::steady()));

    expect($capacity(1, 0))->toEqualWithDelta(0.8, 1e-12)
        ->and($capacity(6, 2))->toEqualWithDelta(0.8 * (1 + 7 / 27), 1e-12)
        ->and($capacity(6, null))->toEqualWithDelta(0.8 * (1 + 5 / 27), 1e-12)
        ->and($capacity(40, 5))->toBe($capacity(12, 0))
        ->and($capacity(0, 3))->toEqualWithDelta(0.8 * (1 - 1 / 27), 1e-12);
});

it('bounds from below far from failure, from above without one rep, and is a figure otherwise', function (int $reps, ?int $reserve, bool $lower, bool $upper): void {
    $set = Observation::of(0, 0.8, 0.0, $reps, $reserve);

    expect([$set->isLowerBound(), $set->isUpperBound()])->toBe([$lower, $upper]);
})->with([[6, 3, false, false], [6, 4, true, false], [6, null, true, false], [0, null, false, true], [0, 4, false, true]]);

it('refuses observations that cannot be', function (array $figures): void {
    expect(fn () => Observation::of(...$figures))->toThrow(OutOfRange::class);
})->with([[[0, 0.0, 0.0, 5, 1]], [[0, NAN, 0.0, 5, 1]], [[0, 0.7, -0.1, 5, 1]], [[0, 0.7, 1.01, 5, 1]], [[0, 0.7, 0.0, 101, 1]], [[0, 0.7, 0.0, 5, 6]]]);
