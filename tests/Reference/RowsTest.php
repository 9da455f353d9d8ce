<?php

declare(strict_types=1);

use SteadyRung\Body\Posture;
use SteadyRung\Drawing\Point;
use SteadyRung\Setup\Row;
use SteadyRung\Setup\RowPath;
use SteadyRung\Setup\RowPosition;

/**
 * Melrose & Dawes 2015, suspended rowing position held: lean of the body from the vertical => % of body mass in the
 * straps (memory).
 */
const MELROSE_DAWES = [30 => 37.4, 45 => 52.9, 60 => 68.1, 75 => 79.4];

/** Share held with straight arms at a lean, on 1.5 m of strap from 2.4 m: the heel mark is closed in on. */
function heldAt(float $leanDeg): float
{
    $body = athlete(75, 1.75);
    $shoulderM = $body->heightM(0.818);
    $held = function (float $markM) use ($body, $shoulderM): RowPosition {
        [$anchor, $heels] = [new Point(0.0, 2.4), new Point($markM, 0.0)];

        return new RowPosition($anchor, $heels, $heels->meeting($shoulderM, $anchor, 1.5 + $body->armM())[0], $body->centreM(Posture::ArmsForward), $shoulderM);
    };
    [$low, $high] = [-1.4, 1.5];
    for ($i = 0; $i < 50; $i++) {
        $middle = ($low + $high) / 2;
        [$low, $high] = $held($middle)->leanDeg() < $leanDeg ? [$middle, $high] : [$low, $middle];
    }
    expect($held($high)->leanDeg())->toEqualWithDelta($leanDeg, 1e-6);

    return $held($high)->share();
}

it('comes within 10 points of measured suspended rows, in the same order', function (): void {
    $before = 0.0;
    foreach (MELROSE_DAWES as $leanDeg => $percent) {
        $share = heldAt((float) $leanDeg);
        expect(100 * $share)->toEqualWithDelta($percent, 10.0)->toBeGreaterThan($before);
        $before = 100 * $share;
    }
});

/**
 * The press-up is the same rigid rod on its toes, held by the arms at right angles to the body.
 * Ebben et al. 2011 and Suprak et al. 2011: share under the hands; hands at m => [from, to] % (memory).
 */
const PRESS = ['0' => [64.0, 69.0], '0.305' => [55.0, 55.0], '0.61' => [41.0, 41.0]];

it('comes within 8 points of measured press-ups, turned over', function (string $handsM, float $low, float $high): void {
    $body = athlete(75, 1.75);
    $shoulder = $body->heightM(0.818);
    // The shoulder stands over the hands by the arm, at right angles to the body: solve for the body's angle to the floor.
    $angle = 0.0;
    while ($shoulder * sin($angle) < (float) $handsM + $body->armM() * cos($angle)) {
        $angle += 1e-4;
    }
    $contact = new Point(-$shoulder * cos($angle), $shoulder * sin($angle));
    $hands = $contact->plus(-$body->armM() * sin($angle), -$body->armM() * cos($angle));
    $position = new RowPosition($hands, new Point(0.0, 0.0), $contact, $body->centreM(Posture::ArmsForward), $shoulder);
    $percent = 100 * $position->share();

    expect($percent)->toBeGreaterThan($low - 8)->toBeLessThan($high + 8)
        ->and(rad2deg($angle))->toBeGreaterThan(20)->toBeLessThan(60);
})->with(array_map(fn (string $m, array $range): array => [$m, ...$range], array_map(strval(...), array_keys(PRESS)), PRESS));

it('holds its moments against SciPy’s solution of the three equations of statics', function (): void {
    $path = RowPath::of(Row::of(2.3, 1.3, 0.2, 0.3), athlete(80, 1.8));
    assert($path instanceof RowPath);
    $at = $path->at(0.3);
    $centre = $at->heels->towards($at->contact, 0.58 * 1.8);
    // Unknown: tension, and the two parts of the force at the heels. The centre is put where the tension came from.
    $tension = scipy(<<<'PY'
        from scipy.linalg import solve
        hx, hy = given["heels"]; cx, cy = given["contact"]; ax, ay = given["anchor"]; gx = given["gx"]
        l = np.hypot(ax - cx, ay - cy); ux, uy = (ax - cx) / l, (ay - cy) / l
        lever = (cx - hx) * uy - (cy - hy) * ux
        answer = solve(np.array([[ux, 1, 0], [uy, 0, 1], [lever, 0, 0]]), np.array([0.0, 1.0, (gx - hx)]))[0]
        PY, ['heels' => [$at->heels->xM, $at->heels->yM], 'contact' => [$at->contact->xM, $at->contact->yM], 'anchor' => [$at->anchor->xM, $at->anchor->yM], 'gx' => $centre->xM]);
    $same = new RowPosition($at->anchor, $at->heels, $at->contact, 0.58 * 1.8, 0.818 * 1.8);

    expect($same->share())->toEqualWithDelta($tension, 1e-8);
});
