<?php

declare(strict_types=1);

use SteadyRung\Normal;
use SteadyRung\Strength\CapacityFilter;
use SteadyRung\Strength\CapacityState;
use SteadyRung\Strength\Observation;
use SteadyRung\Strength\RepCurve;
use SteadyRung\Strength\RepPrediction;

it('equals the exact Gaussian posterior of a random walk, conditioned all at once by NumPy, to 1e-9', function (): void {
    $curve = RepCurve::steady();
    $filter = new CapacityFilter($curve);
    $sets = [[0, 0.70, 0.02, 8, 1], [3, 0.72, 0.01, 7, 0], [5, 0.72, 0.01, 8, 1], [19, 0.75, 0.03, 5, 2], [22, 0.75, 0.03, 6, 1]];
    $state = null;
    $given = [];
    foreach ($sets as $set) {
        $observation = Observation::of(...$set);
        $state = $filter->after($state, [$observation])->state;
        $given[] = [$set[0], $observation->logCapacity($curve), $observation->variance($curve)];
    }
    [$mean, $variance] = scipy(<<<'PY'
        from scipy.linalg import solve
        t, z, r = map(np.array, zip(*given))
        # the limit of an ever wider prior, by generalised least squares
        w = solve(0.02**2 / 7 * np.minimum.outer(t, t) + np.diag(r), np.ones(len(t)))
        level = w @ z / w.sum()
        k = 0.02**2 / 7 * np.minimum.outer(t, t)
        S = k + np.diag(r)
        g = solve(S, k[:, -1])
        mean = level + g @ (z - level)
        variance = k[-1, -1] - g @ k[:, -1] + (1 - g.sum())**2 / w.sum()
        answer = [float(mean), float(variance)]
        PY, $given);

    assert($state instanceof CapacityState);
    expect($state->meanLog)->toEqualWithDelta($mean, 1e-9)->and($state->variance)->toEqualWithDelta($variance, 1e-9);
});

it('agrees with SciPy’s normal distribution to 2e-7, and with its 90th percentile', function (): void {
    $z = [-4.0, -2.5, -1.2815515655446004, -0.3, 0.0, 0.7, 1.5, 3.3];
    $exact = scipy("from scipy.stats import norm\nanswer = [float(norm.cdf(v)) for v in given]", $z);
    foreach ($z as $i => $at) {
        expect(Normal::cdf($at))->toEqualWithDelta($exact[$i], 2e-7);
    }
    expect(Normal::Z90)->toEqualWithDelta(scipy("from scipy.stats import norm\nanswer = float(norm.ppf(0.9))", []), 1e-12);
});

it('gives the interval and the chance that 400,000 draws by NumPy give, within sampling error', function (): void {
    $prediction = RepPrediction::at(RepCurve::steady(), new CapacityState(0, log(0.92), 0.03 ** 2), 0.78, 0.03);
    [$low, $median, $high, $chance] = scipy(<<<'PY'
        rng = np.random.default_rng(1)
        n = 400_000
        capacity = 0.92 * np.exp(0.03 * rng.standard_normal(n))
        load = 0.78 * np.exp(0.03 / 0.78 * rng.standard_normal(n))
        reps = 1 + 27 * (capacity / load * np.exp(0.04 * rng.standard_normal(n)) - 1)
        answer = [*np.quantile(reps, [0.1, 0.5, 0.9]), float((reps >= 5).mean())]
        PY, []);

    expect($prediction->low80())->toEqualWithDelta($low, 0.03)
        ->and($prediction->median())->toEqualWithDelta($median, 0.03)
        ->and($prediction->high80())->toEqualWithDelta($high, 0.03)
        ->and($prediction->chanceOf(5))->toEqualWithDelta($chance, 0.005);
});
