<?php

declare(strict_types=1);

use SteadyRung\Exercise\Style\Movement;
use SteadyRung\OutOfRange;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\Observation;
use SteadyRung\Strength\Filter\Occasion;
use SteadyRung\Strength\Filter\Side;
use SteadyRung\Strength\Reps\RepCurve;

it('says so many reps to failure, or only at least or less than so many', function (
    array $set,
    Side $side,
    float $reps,
    float $repSd,
): void {
    $claim = Observation::reps(0, FeltLoad::of(0.8), ...$set)->claim(RepCurve::steady());

    expect($claim->side)->toBe($side)
        ->and($claim->logShare)->toEqualWithDelta(log(0.8 * (1 + ($reps - 1) / 27)), 1e-12)
        ->and(sqrt($claim->variance) * (26 + $reps))->toEqualWithDelta($repSd, 1e-9);
})->with([
    'to failure: somewhere within the next rep' => [['reps' => 6, 'toFailure' => true], Side::Exactly, 6.5, 0.5],
    'nothing in reserve' => [['reps' => 6, 'reserve' => 0], Side::Exactly, 6.5, 0.5],
    'a guessed reserve' => [['reps' => 6, 'reserve' => 2], Side::Exactly, 8.5, hypot(0.5, 0.9)],
    'far from failure' => [['reps' => 6, 'reserve' => 5], Side::AtLeast, 9.0, hypot(0.5, 0.8)],
    'nobody said how far' => [['reps' => 6], Side::AtLeast, 6.0, 0.5],
    'as many as were asked' => [['reps' => 6, 'target' => 6], Side::AtLeast, 6.0, 0.5],
    'short of what was asked' => [['reps' => 6, 'target' => 8], Side::Exactly, 6.5, hypot(0.5, 0.8)],
    'not one rep' => [['reps' => 0, 'reserve' => 3], Side::LessThan, 1.0, 0.0],
]);

it('takes the doubt of a load without a key as fresh, and leaves one with a key to the set-up', function (): void {
    $variance = static fn (?string $key): float => Observation::reps(
        0,
        FeltLoad::of(0.8, 0.04, $key),
        6,
        0,
    )->claim(RepCurve::steady())->variance;

    expect($variance(null) - $variance('band'))->toEqualWithDelta(0.05 ** 2, 1e-12);
});

it('takes seconds as strength of at least so much, less of it in a lowering', function (): void {
    $claim = static fn (Movement $movement): float => exp(
        Observation::held(0, FeltLoad::of(1.0), $movement, 6.0)->claim(RepCurve::steady())->logShare,
    );

    expect($claim(Movement::Hold))->toEqualWithDelta(1.0 / 1.15, 0.01)
        ->and($claim(Movement::Lowering))->toEqualWithDelta(1.0 / 1.30, 0.01)
        ->and(Observation::held(0, FeltLoad::of(1.0), Movement::Hold, 6.0)->claim(RepCurve::steady())->side)->toBe(Side::AtLeast);
});

it('tells by tests, the first set that is none, the first that is timed, and the second load of a baseline', function (): void {
    $set = static fn (string $key, Occasion $occasion = Occasion::Work): Observation => Observation::reps(
        0,
        FeltLoad::of(0.8, 0.02, $key),
        5,
        1,
        occasion: $occasion,
    );
    $hold = Observation::held(0, FeltLoad::of(0.8), Movement::Hold, 9.0);
    $day = [
        'test' => $set('a', Occasion::Test),
        'first' => $set('a'),
        'tired' => $set('a'),
        'hold' => $hold,
        'again' => $hold,
        'late test' => $set('b', Occasion::Test),
    ];
    $baseline = [
        'one' => $set('a', Occasion::Baseline),
        'same' => $set('a', Occasion::Baseline),
        'other' => $set('b', Occasion::Baseline),
        'third' => $set('c', Occasion::Baseline),
    ];

    expect(array_keys(Observation::telling($day)))->toBe(['test', 'first', 'hold', 'late test'])
        ->and(array_keys(Observation::telling($baseline)))->toBe(['one', 'other'])
        ->and(
            Observation::telling($baseline)['other']->claim(RepCurve::steady())->logShare - $set('b')->claim(RepCurve::steady())->logShare,
        )->toEqualWithDelta(0.03, 1e-12);
});

it('takes a count that nobody saw as less sure, by a rep and a half, and only the first of a day beside what was seen', function (): void {
    $set = static fn (Occasion $occasion): Observation => Observation::reps(0, FeltLoad::of(0.8, 0.0, 'a'), 6, 0, occasion: $occasion);
    $sd = static fn (Occasion $occasion): float => sqrt($set($occasion)->claim(RepCurve::steady())->variance) * (26 + 6.5);

    expect($sd(Occasion::Work))->toEqualWithDelta(0.5, 1e-9)->and($sd(Occasion::Home))->toEqualWithDelta(hypot(0.5, 1.5), 1e-9)
        ->and(array_keys(Observation::telling([$set(Occasion::Home), $set(Occasion::Home), $set(Occasion::Work)])))->toBe([0, 2]);
});

it('takes what only says "at least" before harder work for a warm-up, and lets the first work set teach', function (): void {
    $set = static fn (float $share, int $reps, ?int $reserve, ?int $target = 8, Occasion $occasion = Occasion::Work): Observation => Observation::reps(
        0,
        FeltLoad::of($share),
        $reps,
        $reserve,
        $target,
        occasion: $occasion,
    );
    $telling = static fn (Observation ...$day): array => array_keys(Observation::telling(Observation::afterWarmUps($day)));

    expect($telling($set(0.3, 8, 5), $set(0.4, 8, null), $set(0.6, 4, 1), $set(0.6, 3, 0)))->toBe([2])
        ->and($telling($set(0.3, 8, 2), $set(0.6, 4, 1)))->toBe([0]) // two left: the set says how strong
        ->and($telling($set(0.6, 5, null), $set(0.7, 4, 1)))->toBe([0]) // short of what was asked
        ->and($telling($set(0.6, 8, 5), $set(0.4, 8, 5)))->toBe([0]) // nothing harder came
        ->and($telling($set(0.6, 8, 5), $set(1.0, 1, 0, 1, Occasion::Test)))->toBe([0, 1]); // a test is no work
});

it('refuses observations that cannot be', function (Closure $make): void {
    expect($make)->toThrow(OutOfRange::class);
})->with([
    'no load' => [fn () => FeltLoad::of(0.0)],
    'a load that is no number' => [fn () => FeltLoad::of(NAN)],
    'a spread below nothing' => [fn () => FeltLoad::of(0.7, -0.1)],
    'a hundred and one' => [fn () => Observation::reps(0, FeltLoad::of(0.7), 101)],
    'six in reserve' => [fn () => Observation::reps(0, FeltLoad::of(0.7), 5, 6)],
    'less than a rep asked' => [fn () => Observation::reps(0, FeltLoad::of(0.7), 5, target: -1)],
    'half a second' => [fn () => Observation::held(0, FeltLoad::of(0.7), Movement::Hold, 0.5)],
]);
