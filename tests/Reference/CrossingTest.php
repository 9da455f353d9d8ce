<?php

declare(strict_types=1);

use SteadyRung\Crossing;

/** The test curves of roots-finders: tame, flat at the root, steep, and flat nearly everywhere. */
it('finds the crossings that SciPy’s Brent finds, wherever the curve is tame or not, in few looks', function (): void {
    /** @var array<string, array{\Closure(float): float, float, float}> $curves */
    $curves = [
        'cos(x) - x' => [static fn (float $x): float => cos($x) - $x, 0.0, 1.0],
        'x**3 - 2*x - 5' => [static fn (float $x): float => $x ** 3 - 2.0 * $x - 5.0, 2.0, 3.0],
        '1 - x**9 / 7' => [static fn (float $x): float => 1.0 - $x ** 9 / 7.0, 0.0, 4.0],
        'exp(-x) - 1e-6' => [static fn (float $x): float => exp(-$x) - 1e-6, 0.0, 60.0],
        'tanh(40*(x - 7)) + 0.5' => [static fn (float $x): float => tanh(40.0 * ($x - 7.0)) + 0.5, 0.0, 100.0],
    ];
    $brent = scipy(
        "from numpy import cos, exp, tanh\nfrom scipy.optimize import brentq\nanswer = [brentq(eval('lambda x: ' + f), a, b, xtol=1e-13) for f, a, b in given['curves']]",
        ['curves' => array_map(static fn (string $f, array $c): array => [$f, $c[1], $c[2]], array_keys($curves), array_values($curves))],
    );

    foreach (array_values($curves) as $i => [$curve, $from, $to]) {
        $looks = 0;
        $counted = static function (float $x) use ($curve, &$looks): float {
            $looks++;

            return $curve($x);
        };
        expect(Crossing::of($counted, $from, $to, 1e-12))->toEqualWithDelta($brent[$i], 1e-11)->and($looks)->toBeLessThan(40)
            ->and(Crossing::of($curve, $to, $from, 1e-12))->toEqualWithDelta($brent[$i], 1e-11);
    }
});
