<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\BandPulledDown;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Kit;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Setup\Stack\Stance;

function barOf(?float $diameterMm, string $id = 'bar'): Bar
{
    return Bar::of($id, $id, 2.4, null, $diameterMm);
}

it('hangs shorter from a thicker bar, and is the same rubber', function (): void {
    $measured = band(29, 1.0)->measuredOver(barOf(28.0));
    $thick = $measured->over(barOf(40.0));

    expect($thick->hungLengthM())->toEqualWithDelta(1.0 - 0.012 * M_PI, 1e-12)
        ->and($thick->longerByM())->toEqualWithDelta(-0.012 * M_PI, 1e-12)
        ->and($thick->law->forceN(1.7 * $thick->hungLengthM()))->toEqualWithDelta($measured->law->forceN(1.7), 1e-9)
        ->and($thick->sdNAt(1.7 * $thick->hungLengthM()))->toEqualWithDelta($measured->sdNAt(1.7), 1e-9)
        ->and($thick->law->forceN(1.7))->toBeGreaterThan($measured->law->forceN(1.7))
        ->and($thick->stamp())->toBe($measured->stamp())
        ->and($thick->over(barOf(28.0))->hungLengthM())->toBe(1.0)
        ->and($measured->over(barOf(22.0))->longerByM())->toEqualWithDelta(0.006 * M_PI, 1e-12);
});

it('is told as it was measured where a diameter is not known', function (): void {
    expect(band()->measuredOver(barOf(null))->over(barOf(40.0))->hungLengthM())->toBe(1.0)
        ->and(band()->over(barOf(40.0))->hungLengthM())->toBe(1.0)
        ->and(band()->measuredOver(barOf(28.0))->over(barOf(null))->hungLengthM())->toBe(1.0);
});

it('carries less of an athlete where the bar is thick, and says why', function (): void {
    $loadOn = function (float $diameterMm, callable $choice): array {
        $kit = new Kit([barOf(28.0, 'thin'), barOf($diameterMm)], [band(29, 1.0)->measuredOver(barOf(28.0))]);
        $setup = $choice('bar')->setup($kit);
        $why = array_column($setup->why(athlete())->steps, 'how', 'label');

        return [$setup->carriedBy(athlete())->share(), $why['Band band hangs'] ?? null];
    };
    $hung = fn (string $bar): OnBands => OnBands::of($bar, Attach::Foot, ['band']);
    $down = fn (string $bar): BandPulledDown => BandPulledDown::of($bar, ['band'], Stance::Seated);

    expect($loadOn(40.0, $hung)[0])->toBeLessThan($loadOn(28.0, $hung)[0] - 0.01)
        ->and($loadOn(40.0, $hung)[1])->toBe(spaced('3.8 cm shorter than where it was measured, by the thickness of the bar'))
        ->and($loadOn(28.0, $hung)[1])->toBeNull()
        ->and($loadOn(40.0, $down)[0])->toBeGreaterThan($loadOn(28.0, $down)[0]);
});

it('has bars from 15 to 80 mm', function (float $diameterMm): void {
    expect(fn () => barOf($diameterMm))->toThrow(OutOfRange::class, 'diameter_mm');
})->with([14.9, 80.1]);
