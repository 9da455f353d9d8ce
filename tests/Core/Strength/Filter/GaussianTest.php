<?php

declare(strict_types=1);

use SteadyRung\Strength\Filter\Claim;
use SteadyRung\Strength\Filter\Gaussian;
use SteadyRung\Strength\Filter\Side;
use SteadyRung\Strength\Filter\TimeStep;

function figuresOf(): Gaussian
{
    return Gaussian::independent([[0.0, 0.25], [0.010, 0.012], [0.006, 0.006], [0.0, 0.25], [0.1, 0.08]]);
}

it('opens a figure anew without touching the others, and forgets what it shared with them', function (): void {
    $direction = [Gaussian::LEVEL => 1.0, Gaussian::FIRST_ERROR => 1.0];
    $seen = figuresOf()->pulled($direction, (new Claim(Side::Exactly, 0.3, 0.01))->against(0.1, figuresOf()->varianceAlong($direction)));
    $anew = $seen->with(Gaussian::FIRST_ERROR, 0.0, 0.05);

    expect($seen->covariance[0][4])->toBeLessThan(0.0)
        ->and($anew->covariance[0][4])->toBe(0.0)->and($anew->covariance[4][4])->toEqualWithDelta(0.0025, 1e-15)
        ->and($anew->mean[0])->toBe($seen->mean[0])->and($anew->covariance[0][0])->toBe($seen->covariance[0][0]);
});

it('stays symmetric to the last bit through time and sets, and never sure beyond reason', function (): void {
    $estimate = figuresOf();
    foreach (range(1, 40) as $i) {
        $direction = [Gaussian::LEVEL => 1.0, Gaussian::FADING => -0.1, Gaussian::FIRST_ERROR => (float) ($i % 2)];
        $claim = new Claim([Side::Exactly, Side::AtLeast, Side::LessThan][$i % 3], 0.02 * $i, 0.002);
        $estimate = TimeStep::of(0.4 + $i % 5)->after($estimate);
        $estimate = $estimate->pulled($direction, $claim->against($estimate->meanAlong($direction), $estimate->varianceAlong($direction)));
    }
    foreach ($estimate->covariance as $i => $row) {
        expect($row[$i])->toBeGreaterThan(0.0);
        foreach ($row as $j => $shared) {
            expect($shared)->toBe($estimate->covariance[$j][$i])
                ->and($shared ** 2)->toBeLessThan($row[$i] * $estimate->covariance[$j][$j] + 1e-12);
        }
    }
});

it('moves the level along both trends, which fade, and in two halves as far as in one step', function (): void {
    $once = TimeStep::of(2.0)->after(figuresOf());
    $twice = TimeStep::of(1.0)->after(TimeStep::of(1.0)->after(figuresOf()));

    expect($once->mean[Gaussian::LEVEL])->toBeGreaterThan(0.028)->toBeLessThan(0.032)
        ->and($once->mean[Gaussian::NEW_TREND])->toEqualWithDelta(0.010 * 0.5 ** (2 / 6), 1e-12)
        ->and($twice->mean[Gaussian::LEVEL])->toEqualWithDelta($once->mean[Gaussian::LEVEL], 1e-12)
        ->and($twice->covariance[0][0])->toEqualWithDelta($once->covariance[0][0], 1e-12)
        ->and($twice->covariance[0][1])->toEqualWithDelta($once->covariance[0][1], 1e-12);
});

it('is pulled up by at least, down by less than, and hardly by what was believed anyway', function (
    Side $side,
    float $claimed,
    float $least,
    float $most,
): void {
    $pull = (new Claim($side, $claimed, 0.001))->against(0.0, 0.01);

    expect($pull->pull * 0.01)->toBeGreaterThanOrEqual($least)->toBeLessThanOrEqual($most)
        ->and($pull->shrink)->toBeGreaterThanOrEqual(0.0)
        ->and(is_finite($pull->logLikelihood))->toBeTrue();
})->with([
    'exactly so much' => [Side::Exactly, 0.2, 0.15, 0.2],
    'at least more than believed' => [Side::AtLeast, 0.2, 0.15, 0.3],
    'at least what is sure' => [Side::AtLeast, -0.5, 0.0, 1e-4],
    'less than was believed' => [Side::LessThan, -0.2, -0.3, -0.15],
    'less than anybody has' => [Side::LessThan, 0.5, -1e-4, 0.0],
    'at least far beyond belief' => [Side::AtLeast, 5.0, 4.0, 5.5],
]);
