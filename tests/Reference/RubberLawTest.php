<?php

declare(strict_types=1);

use SteadyRung\Kit\Band\CalibrationPoint;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Band\RubberLaw;

/**
 * Treloar 1944, uniaxial extension of vulcanised rubber: stretch => nominal stress in MPa
 * (memory, as tabulated by Steinmann et al. 2012).
 */
const TRELOAR = [
    '1.12' => 0.14,
    '1.24' => 0.23,
    '1.39' => 0.32,
    '1.61' => 0.41,
    '1.89' => 0.50,
    '2.17' => 0.58,
    '2.42' => 0.67,
    '3.01' => 0.85,
];

it('predicts Treloar’s rubber from two of his points, within 6 % to stretch 2.42 and 13 % at 3.01', function (): void {
    $point = fn (string $stretch) => CalibrationPoint::of((float) $stretch, 1000 * TRELOAR[$stretch]);
    $law = LoopBand::of('t', 't', 1.0, 100, 5, [$point('1.39'), $point('2.17')])->law;

    foreach (TRELOAR as $stretch => $stressMpa) {
        $allowed = (float) $stretch > 2.42 ? 0.13 : 0.06;
        expect($law->forceN((float) $stretch) / (1000 * $stressMpa))->toBeGreaterThan(1 - $allowed)->toBeLessThan(1 + $allowed);
    }
});

it('has Treloar’s ratio of the two coefficients below stretch 2.5, by SciPy’s least squares', function (): void {
    $below = array_filter(TRELOAR, fn (string $stretch): bool => (float) $stretch < 2.5, ARRAY_FILTER_USE_KEY);
    $ratio = scipy(<<<'PY'
        from scipy.optimize import least_squares
        l, s = np.array(given["l"]), np.array(given["s"])
        fit = least_squares(lambda a: (a[0]*(l - l**-2) + a[1]*(1 - l**-3)) / s - 1, [0.2, 0.2])
        answer = fit.x[1] / fit.x[0]
        PY, ['l' => array_map(floatval(...), array_keys($below)), 's' => array_values($below)]);

    expect($ratio)->toEqualWithDelta(RubberLaw::USUAL_RATIO, 0.6);
});

it('agrees with SciPy’s numerical integral of the force to 1e-6', function (float $from, float $to): void {
    $law = new RubberLaw(0.97, 61.0, 84.0);
    $integral = scipy(<<<'PY'
        from scipy.integrate import quad
        L0, a1, a2 = given["law"]
        def force(L):
            s = L / L0
            return 0.0 if s <= 1 else a1*(s - s**-2) + a2*(1 - s**-3)
        answer = quad(force, given["from"], given["to"], points=[L0], epsabs=1e-12, epsrel=1e-12)[0]
        PY, ['law' => [0.97, 61.0, 84.0], 'from' => $from, 'to' => $to]);

    expect($law->workJ($from, $to))->toEqualWithDelta($integral, 1e-6 * abs($integral));
})->with([[0.6, 1.3], [0.97, 2.1], [1.2, 2.4], [1.5, 1.9]]);

it('agrees with SciPy on the weighted fit with its prior, and on how sure it is, to 1e-8', function (array $readings): void {
    $band = LoopBand::of('b', 'b', 0.96, 32, 4.5, array_map(fn (array $r) => CalibrationPoint::of(...$r), $readings));
    [$a1, $a2, $sd] = scipy(<<<'PY'
        from scipy.linalg import lstsq, inv
        l = np.array([p[0] for p in given]) / 0.96
        f = np.array([p[1] for p in given])
        u, v = l - l**-2, 1 - l**-3
        s = np.mean(f / (u + 1.16 * v))
        a = np.array([s, 1.16 * s])
        for _ in range(6):
            slope = (a[0] * (1 + 2 * l**-3) + 3 * a[1] * l**-4) / 0.96
            error = np.sqrt((0.02 * f)**2 + (0.01 * slope)**2)
            prior = 0.5 * abs(a.sum() / 2.16)
            rows = np.vstack([np.column_stack([u, v]) / error[:, None], np.array([[-1.16, 1.0]]) / prior])
            a = lstsq(rows, np.append(f / error, 0.0))[0]
        at = 2.0
        g = np.array([at - at**-2, 1 - at**-3])
        answer = [a[0], a[1], float(np.sqrt(g @ inv(rows.T @ rows) @ g))]
        PY, $readings);

    expect($band->law->a1N)->toEqualWithDelta($a1, 1e-8 * abs($a1))->and($band->law->a2N)->toEqualWithDelta($a2, 1e-8 * abs($a2))
        ->and($band->sdNAt(2.0 * 0.96))->toEqualWithDelta($sd, 1e-8 * $sd);
})->with([[[[1.21, 74.0], [1.45, 118.0], [1.78, 153.0], [2.05, 181.0], [2.31, 204.0]]], [[[1.5, 120.0]]], [[[1.5, 120.0], [2.2, 200.0]]]]);

it('spreads an estimated band at least as bands of one type are spread', function (): void {
    // McMaster et al. 2010 (memory): 8–19 % between bands of one type.
    expect(LoopBand::of('b', 'b', 1.0, 29, 4.5)->relativeSd())->toBeGreaterThanOrEqual(0.19);
});

it('puts sold band sizes inside the help they are sold with, and in order', function (): void {
    // Common practice: a 104 cm loop, 4.5 mm thick; width mm => kg it is sold as helping.
    $sold = [13 => [5, 16], 22 => [9, 25], 32 => [13, 36], 44 => [20, 54], 64 => [28, 75]];
    $before = 0.0;
    foreach ($sold as $widthMm => [$lowKg, $highKg]) {
        $kg = RubberLaw::fromSize(1.04, $widthMm, 4.5)->forceN(2.08) / 9.80665;
        expect($kg)->toBeGreaterThan($lowKg)->toBeLessThan($highKg)->toBeGreaterThan($before);
        $before = $kg;
    }
});
