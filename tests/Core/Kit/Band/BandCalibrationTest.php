<?php

declare(strict_types=1);

use SteadyRung\Kit\Band\BadCalibration;
use SteadyRung\Kit\Band\BandDoubt;
use SteadyRung\Kit\Band\CalibrationFault;
use SteadyRung\Kit\Band\CalibrationPoint;
use SteadyRung\Kit\Band\CurveStatus;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Band\RubberLaw;
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
        ->and($band->relativeSd())->toBe(0.30);
});

it('scales the usual shape through one length, however often it was read', function (): void {
    $once = bandThrough([[1.8, 150.0]]);
    $thrice = bandThrough([[1.8, 148.0], [1.8, 150.0], [1.81, 152.5]]);

    expect($once->status)->toBe(CurveStatus::OnePoint)
        ->and($once->law->forceN(1.8))->toEqualWithDelta(150.0, 1e-6)
        ->and($thrice->status)->toBe(CurveStatus::OnePoint)
        ->and($thrice->law->forceN(1.8))->toEqualWithDelta(150.0, 1.0);
});

it('goes through two points far apart, and gets both coefficients back from many', function (): void {
    $law = new RubberLaw(1.0, 70.0, 60.0);
    $two = bandThrough([[1.4, $law->forceN(1.4)], [2.2, $law->forceN(2.2)]]);
    $many = bandThrough(array_map(fn (float $l) => [$l, $law->forceN($l)], [1.2, 1.5, 1.9, 2.2, 2.4, 2.4, 2.4, 2.4]));

    expect($two->law->forceN(1.8) / $law->forceN(1.8))->toEqualWithDelta(1.0, 0.01)
        ->and($many->law->forceN(2.4) / $law->forceN(2.4))->toEqualWithDelta(1.0, 0.002)
        ->and($two->status)->toBe(CurveStatus::Measured);
});

it('is less sure outside the points than between them, and beyond the stretch the law was tried at', function (): void {
    $band = band();
    $relative = fn (float $m): float => $band->sdNAt($m) / $band->law->forceN($m);

    expect($relative(2.0))->toBeLessThan($relative(2.5))->and($relative(2.5))->toBeLessThan($relative(2.9))
        ->and($relative(1.05))->toBeGreaterThan($relative(1.5));
});

it('claims the spread it has: the help at stretch 2.0 over bands whose truth is known', function (array $stretches): void {
    $random = new Random\Randomizer(new Random\Engine\Mt19937(11));
    $normal = fn (): float => sqrt(
        -2.0 * log(($random->getInt(1, 1_000_000) / 1_000_001)),
    ) * cos(2.0 * M_PI * $random->getInt(0, 1_000_000) / 1_000_000);
    $errors = $claims = 0.0;
    for ($i = 0; $i < 1500; $i++) {
        $ratio = max(0.0, 1.16 + 0.5 * $normal());
        $truth = new RubberLaw(1.0, 76.5 / (1.0 + $ratio), 76.5 * $ratio / (1.0 + $ratio));
        $band = bandThrough(array_map(
            fn (float $s): array => [max(1.005, $s + 0.01 * $normal()), $truth->forceN($s) * (1.0 + 0.02 * $normal())],
            $stretches,
        ));
        $errors += ($band->law->forceN(2.0) / $truth->forceN(2.0) - 1.0) ** 2;
        $claims += $band->relativeSd() ** 2;
    }
    expect(sqrt($claims / $errors))->toBeGreaterThan(0.8)->toBeLessThan(1.25);
})->with([[[1.5, 1.56]], [[1.2, 1.3]], [[1.6, 2.2]], [[1.1]], [[1.5]], [[1.8]]]);

it('asks about readings that look like another unit or another band, too near or too close', function (array $points, array $codes): void {
    expect(array_map(fn ($d) => $d->code->value, BandDoubt::about(bandThrough($points))))->toBe($codes);
})->with(function () {
    $law = RubberLaw::fromSize(1.0, 29, 4.5);
    $at = fn (float $factor, float ...$lengths): array => array_map(fn (float $m): array => [$m, $factor * $law->forceN($m)], $lengths);

    return [
        'right' => [$at(1.2, 1.5, 2.0), []],
        'pounds' => [$at(2.2046, 1.5, 2.0), ['pounds']],
        'newtons' => [$at(9.80665, 1.5, 2.0), ['newtons']],
        'another band' => [$at(0.4, 1.5, 2.0), ['other-band']],
        'one reading near' => [$at(1.0, 1.2), ['too-near']],
        'two that count as one' => [$at(1.0, 1.6, 1.7), ['too-close']],
    ];
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
