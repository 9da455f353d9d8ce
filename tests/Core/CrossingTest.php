<?php

declare(strict_types=1);

use SteadyRung\Crossing;

it('stays at the end that is nearer to zero where nothing crosses, and at the first where neither is', function (): void {
    expect(Crossing::of(static fn (float $x): float => 2.0 - $x, 5.0, 9.0, 1e-6))->toBe(5.0)
        ->and(Crossing::of(static fn (float $x): float => 12.0 - $x, 5.0, 9.0, 1e-6))->toBe(9.0)
        ->and(Crossing::of(static fn (): float => -0.9, 0.0, 100.0, 1e-6))->toBe(0.0);
});

it('finds with a guess what it finds without one, in fewer looks where the guess is good', function (float $guess): void {
    $looks = 0;
    $curve = static function (float $x) use (&$looks): float {
        $looks++;

        return $x ** 3 - 8.0;
    };
    $near = Crossing::near($curve, $guess, 0.5, 0.0, 100.0, 1e-9);
    [$with, $looks] = [$looks, 0];

    expect($near)->toEqualWithDelta(Crossing::of($curve, 0.0, 100.0, 1e-9), 1e-9)
        ->and($with <=> $looks)->toBe(abs($guess - 2.0) <= 0.5 ? -1 : 1);
})->with([1.9, 2.4, -7.0, 60.0, 1e9]);

it('comes as close as it is asked to, and takes an end that is the crossing', function (float $within): void {
    expect(Crossing::of(static fn (float $x): float => $x ** 2 - 2.0, 0.0, 2.0, $within))->toEqualWithDelta(M_SQRT2, $within + 1e-15)
        ->and(Crossing::of(static fn (float $x): float => $x, 0.0, 2.0, $within))->toBe(0.0);
})->with([0.1, 1e-3, 1e-9, 1e-15]);
