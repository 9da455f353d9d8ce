<?php

declare(strict_types=1);

use SteadyRung\Normal;
use SteadyRung\Strength\Filter\CapacityFilter;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\Gaussian;
use SteadyRung\Strength\Filter\Hypothesis;
use SteadyRung\Strength\Filter\Observation;
use SteadyRung\Strength\Filter\TimeStep;
use SteadyRung\Strength\RepPrediction;
use Symfony\Component\Process\Process;

/** Thirty sets on strict and on four bands whose errors stay, near and far from failure, with a month away. */
function log30(): array
{
    $sets = [];
    foreach (range(0, 29) as $i) {
        $sets[] = [
            'day' => 3 * $i + ($i > 20 ? 31 : 0),
            'share' => 0.62 + 0.012 * $i,
            'sd' => [0.0, 0.03, 0.06, 0.06, 0.10][$i % 5],
            'key' => $i % 5 === 0 ? null : 'band '.($i % 5),
            'shape' => -0.08 * ($i % 3),
            'reps' => [7, 6, 0, 9, 4, 8][$i % 6],
            'reserve' => [0, 2, 1, 5, null][$i % 5],
        ];
    }

    return $sets;
}

it('equals R’s KalmanRun for one curve, one form and two-sided sets at even times, to 1e-6', function (): void {
    $filter = CapacityFilter::over([Hypothesis::of(27.0, 0.04)]);
    $step = TimeStep::of(0.5);
    $state = null;
    $y = [];
    foreach ([5, 6, 6, 8, 7, 9, 8, 8, 10, 9] as $i => $reps) {
        $set = Observation::reps($i, FeltLoad::of(0.7), $reps, 0);
        $claim = $set->claim(Hypothesis::of(27.0, 0.04)->curve);
        $y[] = $claim->logShare;
        // the same noise each time, as KalmanRun asks
        $estimate = ($state ?? $filter->prior(0))->estimates[0];
        $estimate = $state === null ? $estimate : $step->after($estimate);
        $state = \SteadyRung\Strength\Filter\CapacityState::weighed(
            $i,
            [],
            $filter->hypotheses,
            [0.0],
            [$estimate->pulled(
                [0 => 1.0],
                (new \SteadyRung\Strength\Filter\Claim(
                    $claim->side,
                    $claim->logShare,
                    0.0,
                ))->against($estimate->mean[0], $estimate->covariance[0][0] + 0.002),
            )],
        );
    }
    $noise = array_fill(0, 9, 0.0);
    foreach ($step->noise as [$i, $j, $variance]) {
        if ($i < 3 && $j < 3) {
            $noise[3 * $i + $j] += $variance;
        }
    }
    $r = new Process(['Rscript', '--vanilla', '-e', sprintf(<<<'R'
        T <- matrix(c(1, 0, 0, %1$.17g, %3$.17g, 0, %2$.17g, 0, %4$.17g), 3); V <- matrix(c(%5$s), 3)
        prior <- c(log(0.70), 0.010, 0.006)
        mod <- list(T = T, Z = c(1, 0, 0), h = 0.002, V = V, a = solve(T, prior), P = diag(3), Pn = diag(c(0.25, 0.012, 0.006)^2))
        cat(format(KalmanRun(c(%6$s), mod)$states[10, ], digits = 15))
        R, $step->reach[0], $step->reach[1], $step->kept[0], $step->kept[1], implode(',', $noise), implode(',', $y))]);
    $states = array_map(floatval(...), preg_split('/\s+/', trim($r->setTimeout(null)->mustRun()->getOutput())) ?: []);

    foreach ($states as $i => $expected) {
        expect($state->estimates[0]->mean[$i])->toEqualWithDelta($expected, 1e-6);
    }
    expect($states)->toHaveCount(3);
});

it('equals an obvious twin in NumPy: full matrices for every hypothesis, slots, bounds, weeks away and all', function (): void {
    $state = null;
    foreach (log30() as $set) {
        $state = CapacityFilter::usual()->after(
            $state,
            Observation::reps(
                $set['day'],
                FeltLoad::of($set['share'], $set['sd'], $set['key'], $set['shape']),
                $set['reps'],
                $set['reserve'],
            ),
        );
    }
    $prediction = RepPrediction::at($state->on(130), FeltLoad::of(0.8, 0.05, 'band 2', -0.1));
    [$mean, $variance, $weights, $chance] = scipy(<<<'PY'
        from scipy.stats import norm
        from scipy.linalg import expm
        ks = [15, 18.3, 22.4, 27.4, 33.5, 40.9, 50]; fs = [(.025, .25), (.035, .45), (.055, .20), (.080, .10)]
        hyps = [(k, f, w * np.exp(-np.log(k / 27)**2 / (2 * .28**2))) for k in ks for f, w in fs]
        l1, l2 = np.log(2) / 6, np.log(2) / 52
        def step(weeks):
            # Van Loan 1978: transition and noise of the linear system, by one matrix exponential
            F = np.array([[0, 1, 1], [0, -l1, 0], [0, 0, -l2]]); G = np.diag([.012**2, .0020**2, .0010**2])
            # the two trends drive the level, each with noise of its own and none common
            E = expm(np.block([[-F, G], [np.zeros((3, 3)), F.T]]) * weeks); A = E[3:, 3:].T
            return A, A @ E[:3, 3:]
        keys = sorted({s['key'] for s in given if s['key']}); n = 4 + len(keys)
        m = [np.r_[np.log(.7), .01, .006, 0, np.zeros(len(keys))] for _ in hyps]
        P = [np.diag(np.r_[.25, .012, .006, .25, np.zeros(len(keys))]**2) for _ in hyps]
        lw = np.log([h[2] for h in hyps]); day = None; seen = set()
        def move(m, P, weeks):
            A = np.eye(n); Q = np.zeros((n, n)); A[:3, :3], Q[:3, :3] = step(weeks); gone = max(0, weeks - 2) * .01
            m = A @ m; m[0] -= gone; P = A @ P @ A.T + Q; P[0, 0] += gone**2
            return m, P
        for s in given:
            for i, (k, f, _) in enumerate(hyps):
                if day is not None and s['day'] > day: m[i], P[i] = move(m[i], P[i], (s['day'] - day) / 7)
                H = np.zeros(n); H[0] = 1; H[3] = s['shape'] / s['share']; R = f**2
                if s['key']:
                    at = 4 + keys.index(s['key']); H[at] = 1
                    if s['key'] not in seen: P[i][at, at] = (s['sd'] / s['share'])**2
                r, reps = s['reserve'], s['reps']
                side, N, sd = (-1, 1, 0) if reps == 0 else (1, reps, .5) if r is None else (1, reps + 3, np.hypot(.5, .8)) if r >= 4 else (0, reps + r + .5, np.hypot(.5, .9 if r else 0))
                y = np.log(s['share']) + np.log(1 + (N - 1) / k); R += (sd / (k + N - 1))**2
                mu = H @ m[i]; S = H @ P[i] @ H + R; PH = P[i] @ H
                if side == 0:
                    m[i] = m[i] + PH * (y - mu) / S; P[i] = P[i] - np.outer(PH, PH) / S
                    lw[i] += norm.logpdf(y, mu, np.sqrt(S)) - np.log(k + N - 1)
                else:
                    z = side * (mu - y) / np.sqrt(S); h = np.exp(norm.logpdf(z) - norm.logcdf(z))
                    m[i] = m[i] + side * PH * h / np.sqrt(S); P[i] = P[i] - np.outer(PH, PH) * h * (z + h) / S
                    lw[i] += norm.logcdf(z)
            seen |= {s['key']}; day = s['day']
        w = np.exp(lw - lw.max()); w /= w.sum()
        H = np.zeros(n); H[0] = 1; H[3] = -.1 / .8; H[4 + keys.index('band 2')] = 1; chance = 0
        for i, (k, f, _) in enumerate(hyps):
            a, B = move(m[i], P[i], (130 - day) / 7)
            chance += w[i] * norm.cdf((H @ a - np.log(.8) - np.log(1 + 4 / k)) / np.sqrt(H @ B @ H + f**2 + .25 / (k + 4)**2))
        answer = [[float(x[0]) for x in m], [float(x[0, 0]) for x in P], w.tolist(), float(chance)]
        PY, log30());

    foreach ($state->estimates as $i => $estimate) {
        expect($estimate->mean[Gaussian::LEVEL])->toEqualWithDelta($mean[$i], 1e-9)
            ->and($estimate->covariance[Gaussian::LEVEL][Gaussian::LEVEL])->toEqualWithDelta($variance[$i], 1e-9)
            ->and($state->weights()[$i])->toEqualWithDelta($weights[$i], 1e-8);
    }
    expect($prediction->chanceOf(5))->toEqualWithDelta($chance, 1e-4);
});

it('agrees with SciPy’s normal distribution, far into the lower tail, and with its 90th percentile', function (): void {
    $z = [-40.0, -12.0, -5.0, -4.0, -3.9, -2.5, -1.2815515655446004, -0.3, 0.0, 0.7, 1.5, 3.3, 4.5, 9.0];
    [$cdf, $log, $hazard] = scipy(
        "from scipy.stats import norm\nanswer = [[float(norm.cdf(v)) for v in given], [float(norm.logcdf(v)) for v in given], [float(np.exp(norm.logpdf(v) - norm.logcdf(v))) for v in given]]",
        $z,
    );
    foreach ($z as $i => $at) {
        expect(Normal::cdf($at))->toEqualWithDelta($cdf[$i], 2e-7)
            ->and(Normal::logCdf($at))->toEqualWithDelta($log[$i], 1e-11 * max(1.0, abs($log[$i])))
            ->and(Normal::hazard($at))->toEqualWithDelta($hazard[$i], 1e-9 * max(1.0, $hazard[$i]));
    }
    expect(Normal::Z90)->toEqualWithDelta(scipy("from scipy.stats import norm\nanswer = float(norm.ppf(0.9))", []), 1e-12);
});

it('gives the interval and the chance that 400,000 draws by NumPy give, within sampling error', function (): void {
    $prediction = RepPrediction::at(known(0.92, 0.03), FeltLoad::of(0.78, 0.03));
    [$low, $median, $high, $chance] = scipy(<<<'PY'
        rng = np.random.default_rng(1)
        n = 400_000
        log_ratio = np.log(0.92 / 0.78) + np.sqrt(0.03**2 + (0.03 / 0.78)**2 + 0.035**2) * rng.standard_normal(n)
        reps = 1 + 27 * (np.exp(log_ratio) - 1) + 0.5 * rng.standard_normal(n)
        answer = [*np.quantile(reps, [0.1, 0.5, 0.9]), float((reps >= 5).mean())]
        PY, []);

    expect($prediction->low80())->toEqualWithDelta($low, 0.05)
        ->and($prediction->median())->toEqualWithDelta($median, 0.05)
        ->and($prediction->high80())->toEqualWithDelta($high, 0.05)
        ->and($prediction->chanceOf(5))->toEqualWithDelta($chance, 0.005);
});
