<?php

declare(strict_types=1);

use SteadyRung\Body\Posture;
use SteadyRung\Body\Segments;
use SteadyRung\Body\SegmentTable;
use SteadyRung\Setup\Row\HeelMark;
use SteadyRung\Setup\Row\Row;
use SteadyRung\Setup\Row\RowPath;

/** The row written anew in another language: circles by solving equations, moments by cross products, means by quadrature. */
const ROW_IN_PYTHON = <<<'PY'
    from scipy.optimize import brentq, fsolve
    from scipy.integrate import quad
    H, R, Ha, s, b = given["stature"], given["reach"], given["anchor"], given["strap"], given["box"]
    A = R - 0.818 * H
    def share(t, x):
        body = 0.818 * H + t * (0.745 * H - 0.818 * H)
        rope = s + A + t * (0.08 - A)
        centre = (given["forward"] + t * (given["pulled"] - given["forward"])) * H
        circles = lambda p: [np.hypot(p[0] - x, p[1] - b) - body, np.hypot(p[0], p[1] - Ha) - rope]
        px, py = fsolve(circles, [x - 0.95 * body, b + 0.4 * body], xtol=1e-13)
        assert max(abs(v) for v in circles([px, py])) < 1e-9
        cross = abs((0 - px) * (b - py) - (Ha - py) * (x - px))
        return centre * (x - px) / body / (cross / rope)
    mean = lambda x: quad(share, 0, 1, args=(x,), epsabs=1e-10)[0]
    PY;

/** @return array<string, float> */
function rig(float $anchorM, float $strapM, float $boxM): array
{
    return [
        'stature' => 1.75, 'reach' => 1.204 * 1.75, 'anchor' => $anchorM, 'strap' => $strapM, 'box' => $boxM,
        'forward' => Segments::of(SegmentTable::Average)->centrePerStature(Posture::ArmsForward),
        'pulled' => Segments::of(SegmentTable::Average)->centrePerStature(Posture::ArmsPulledIn),
    ];
}

it('carries in a row what SciPy’s equations and quadrature give, to 1e-5', function (
    float $anchorM,
    float $strapM,
    float $boxM,
    float $markM,
): void {
    $path = Row::of($anchorM, $strapM, $markM, $boxM)->path(athlete(70, 1.75));
    assert($path instanceof RowPath);
    [$start, $mean, $finish] = scipy(
        ROW_IN_PYTHON."\nx = given['mark']\nanswer = [share(0, x), mean(x), share(1, x)]",
        [...rig($anchorM, $strapM, $boxM), 'mark' => $markM],
    );

    expect($path->at(0.0)->share)->toEqualWithDelta($start, 1e-8)
        ->and($path->at(1.0)->share)->toEqualWithDelta($finish, 1e-8)
        ->and($path->meanShare())->toEqualWithDelta($mean, 1e-5);
})->with([[2.4, 1.5, 0.0, -0.4], [2.4, 1.5, 0.0, 0.3], [2.4, 1.5, 0.3, 0.2], [3.0, 2.0, 0.3, 0.0]]);

it('finds the heel mark that Brent’s method finds', function (float $share): void {
    $row = HeelMark::forShare(Row::of(2.4, 1.5, 0.0), athlete(70, 1.75), $share);
    assert($row instanceof Row);
    $mark = scipy(
        ROW_IN_PYTHON."\nanswer = brentq(lambda x: mean(x) - given['share'], -0.9, 0.6, xtol=1e-12)",
        [...rig(2.4, 1.5, 0.0), 'share' => $share],
    );

    expect($row->heelMarkM)->toEqualWithDelta($mark, 1e-4);
})->with([0.45, 0.55, 0.62]);
