<?php

declare(strict_types=1);

use SteadyRung\Kit\BadCalibration;
use SteadyRung\Kit\CalibrationFault;
use SteadyRung\Kit\CalibrationPoint;
use SteadyRung\Kit\CurveStatus;
use SteadyRung\Kit\LoopBand;
use SteadyRung\Kit\RubberLaw;
use SteadyRung\OutOfRange;

/** @param  list<array{float, float}>  $points */
function bandThrough(array $points): LoopBand
{
    return LoopBand::of('b', 'b', 1.0, 29, 4.5, array_map(fn (array $p) => CalibrationPoint::of(...$p), $points));
}

it('is estimated from the size without points, and says so', function (): void {
    $band = bandThrough([]);

    expect($band->status)->toBe(CurveStatus::Estimated)
        ->and($band->law->a1N + $band->law->a2N)->toEqualWithDelta(2 * 0.029 * 0.0045 * 0.55e6, 1e-9)
        ->and($band->law->a2N / $band->law->a1N)->toEqualWithDelta(1.16, 1e-12)
        ->and($band->relativeSdAt(2.0))->toBe(0.30);
});

it('scales the usual shape through one length, however often it was read', function (): void {
    $once = bandThrough([[1.8, 150.0]]);
    $thrice = bandThrough([[1.8, 148.0], [1.8, 150.0], [1.81, 152.5]]);

    expect($once->status)->toBe(CurveStatus::OnePoint)
        ->and($once->law->forceN(1.8))->toEqualWithDelta(150.0, 1e-9)
        ->and($once->relativeSdAt(1.8))->toBe(0.12)
        ->and($thrice->status)->toBe(CurveStatus::OnePoint)
        ->and($thrice->law->forceN(1.8))->toEqualWithDelta(150.0, 1.0);
});

it('goes exactly through two points, and gets both coefficients back from many', function (): void {
    $law = new RubberLaw(1.0, 70.0, 60.0);
    $two = bandThrough([[1.4, $law->forceN(1.4)], [2.2, $law->forceN(2.2)]]);
    $many = bandThrough(array_map(fn (float $l) => [$l, $law->forceN($l)], [1.2, 1.5, 1.9, 2.4, 2.8]));

    expect([$two->law->a1N, $two->law->a2N])->each->toEqualWithDelta(65.0, 5.01)
        ->and($two->law->a1N)->toEqualWithDelta(70.0, 1e-9)
        ->and($many->law->a2N)->toEqualWithDelta(60.0, 1e-9)
        ->and($many->status)->toBe(CurveStatus::Measured);
});

it('is less sure outside the points than between them', function (): void {
    $band = band();

    expect($band->relativeSdAt(1.8))->toBe(0.04)
        ->and($band->relativeSdAt(2.8))->toBeGreaterThan($band->relativeSdAt(2.5))
        ->and($band->relativeSdAt(1.1))->toBeGreaterThan(0.04);
});

it('names the point that cannot be right', function (array $points, CalibrationFault $fault, int $suspect): void {
    try {
        bandThrough($points);
    } catch (BadCalibration $refusal) {
        expect($refusal->fault)->toBe($fault)
            ->and($refusal->pointIndex)->toBe($suspect)
            ->and($refusal->getMessage())->toContain('Point '.($suspect + 1));

        return;
    }
    throw new Exception('It was accepted.');
})->with([
    'shorter than the band hangs' => [[[1.5, 120.0], [0.9, 30.0]], CalibrationFault::NotStretched, 1],
    'exactly as long as it hangs' => [[[1.0, 30.0]], CalibrationFault::NotStretched, 0],
    'kilograms among newtons' => [[[1.3, 60.0], [1.8, 13.0], [2.4, 180.0]], CalibrationFault::MissesPoint, 1],
    'a slipped hitch' => [[[1.3, 60.0], [1.6, 95.0], [1.9, 260.0], [2.3, 160.0]], CalibrationFault::MissesPoint, 2],
    'less force further out' => [[[1.4, 120.0], [2.2, 90.0]], CalibrationFault::NotIncreasing, 1],
]);

it('refuses sizes that no band has', function (float $hungM, float $widthMm, float $thicknessMm): void {
    expect(fn () => LoopBand::of('b', 'b', $hungM, $widthMm, $thicknessMm))->toThrow(OutOfRange::class);
})->with([[0.0, 29.0, 4.5], [1.0, 0.0, 4.5], [1.0, 29.0, -1.0], [1.0, 29.0, INF]]);

it('pulls nothing while slack, and more the further it is stretched', function (): void {
    $law = RubberLaw::fromSize(1.0, 29, 4.5);
    $before = 0.0;
    for ($lengthM = 1.01; $lengthM < 3.0; $lengthM += 0.01) {
        expect($law->forceN($lengthM))->toBeGreaterThan($before);
        $before = $law->forceN($lengthM);
    }
    expect($law->forceN(0.7))->toBe(0.0)->and($law->workJ(0.4, 1.0))->toBe(0.0);
});

it('conserves work over parts of a stretch, and counts nothing for the slack part', function (): void {
    $law = RubberLaw::fromSize(0.95, 44, 4.5);

    expect($law->workJ(0.5, 1.4) + $law->workJ(1.4, 2.1))->toEqualWithDelta($law->workJ(0.95, 2.1), 1e-9)
        ->and($law->workJ(2.1, 1.4))->toEqualWithDelta(-$law->workJ(1.4, 2.1), 1e-12);
});
