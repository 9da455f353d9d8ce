<?php

declare(strict_types=1);

use SteadyRung\Body\Body;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\AddedWeight;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Setup\Band\BandHelp;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\Misfit;
use SteadyRung\Setup\Strict;
use SteadyRung\Setup\WarningCode;

/** @param  list<SteadyRung\Kit\Band\LoopBand>  $bands */
function misfit(float $barM, Attach $attach, array $bands, ?Body $body = null): DoesNotFit
{
    $answer = BandHelp::of($barM, $attach, $bands)->carriedBy($body ?? athlete());

    return $answer instanceof DoesNotFit ? $answer : throw new Exception('It fits.');
}

it('carries bodyweight less the pull of the band at each end, and less its work in the mean', function (): void {
    $body = athlete(70, 1.75);
    $band = band();
    $load = carried([$band], body: $body);
    $top = $body->reachM - $body->pullDistanceM();

    expect($load->bottomN)->toEqualWithDelta($body->weightN() - $band->law->forceN($body->reachM), 1e-9)
        ->and($load->topN)->toEqualWithDelta($body->weightN() - $band->law->forceN($top), 1e-9)
        ->and($load->meanN)->toEqualWithDelta($body->weightN() - $band->law->workJ($top, $body->reachM) / $body->pullDistanceM(), 1e-9)
        ->and($load->effectiveShare())->toEqualWithDelta((0.934 - 0.93 * (1 - $load->share())) / 0.934, 1e-9)
        ->and($load->demand->shape)->toEqualWithDelta(0.93 * ($load->topN - $load->bottomN) / (0.934 * $body->weightN()), 1e-9);
});

it('keeps the mean between bottom and top for any band and body', function (): void {
    foreach ([13, 22, 32, 44] as $width) {
        foreach ([[55, 1.55], [70, 1.75], [95, 1.95]] as [$mass, $stature]) {
            foreach (Attach::cases() as $attach) {
                $load = carried([band($width)], $attach, athlete($mass, $stature));
                expect($load->meanN)->toBeGreaterThan($load->bottomN)->toBeLessThan($load->topN);
            }
        }
    }
});

it('helps more when thicker, wider or shorter, and at the foot more than at the knee', function (): void {
    $share = carried([band()])->share();

    expect(carried([band(thicknessMm: 5.5)])->share())->toBeLessThan($share)
        ->and(carried([band(widthMm: 32)])->share())->toBeLessThan($share)
        ->and(carried([band(hungM: 0.9)])->share())->toBeLessThan($share)
        ->and(carried([band()], Attach::Knee)->share())->toBeGreaterThan($share);
});

it('takes the same kilograms off whatever the bodyweight', function (): void {
    $light = carried([band()], body: athlete(60));
    $heavy = carried([band()], body: athlete(90));

    expect($light->weightN - $light->meanN)->toEqualWithDelta($heavy->weightN - $heavy->meanN, 1e-9);
});

it('adds the forces of several bands: two halves make one', function (): void {
    $whole = carried([band(44)]);
    $halves = carried([band(22, id: 'a'), band(22, id: 'b')]);

    expect($halves->meanN)->toEqualWithDelta($whole->meanN, 1e-6)
        ->and($halves->shareSd)->toBeLessThan($whole->shareSd);
});

it('bends the knees under a low bar, and says what that costs', function (): void {
    $high = carried([band()], barM: 2.5);
    $low = carried([band()], barM: 2.0);
    $warning = $low->warnings[0];

    expect($low->share())->toBeGreaterThan($high->share())
        ->and($warning->code)->toBe(WarningCode::KneesBend)
        ->and($warning->text)->toBe(sprintf(
            spaced('The bar is 16 cm too low for straight legs; knees bend, help falls by %.1f kg.'),
            ($low->meanN - $high->meanN) / 9.80665,
        ));
});

it('does not fit where the body, the bar or the band does not allow it, and says why', function (): void {
    expect(misfit(1.6, Attach::Knee, [band()])->misfit)->toBe(Misfit::BarTooLow)
        ->and(misfit(1.6, Attach::Foot, [band()])->reason)->toContain(spaced('Take a bar at 166 cm or higher'))
        ->and(misfit(3.0, Attach::Knee, [band(hungM: 1.7)])->misfit)->toBe(Misfit::NoHelp)
        ->and(misfit(3.0, Attach::Foot, [band(hungM: 0.65)])->misfit)->toBe(Misfit::StretchTooHigh)
        ->and(misfit(3.0, Attach::Foot, [band(120)], athlete(40, 1.7))->misfit)->toBe(Misfit::LiftsOff);
});

it('warns of a band stretched far, slack at the top, or only estimated', function (): void {
    $codes = fn ($load) => array_map(fn ($w) => $w->code, $load->warnings);
    $estimated = LoopBand::of('e', 'e', 1.0, 29, 4.5);

    expect($codes(carried([band(hungM: 0.8)])))->toBe([WarningCode::StretchHigh, WarningCode::StrongRecoil, WarningCode::PartnerToMount])
        ->and($codes(carried([band(hungM: 1.2)], Attach::Knee)))->toBe([WarningCode::SlackAtTop])
        ->and($codes(carried([$estimated])))->toBe([WarningCode::BandEstimated]);
});

it('is surer with a measured band and a measured reach', function (): void {
    $estimated = LoopBand::of('e', 'e', 1.0, 29, 4.5);

    expect(carried([band()])->shareSd)->toBeLessThan(carried([$estimated])->shareSd)
        ->and(carried([band()], body: athlete(70, 1.75, 2.107))->shareSd)->toBeLessThan(carried([band()])->shareSd);
});

it('carries all of bodyweight strict, and more with weight added', function (): void {
    $strict = (new Strict)->carriedBy(athlete(70));
    $added = AddedWeight::of(10.5)->carriedBy(athlete(70));

    expect($strict->share())->toBe(1.0)->and($strict->shareSd)->toBe(0.0)
        ->and($added->share())->toEqualWithDelta(1.15, 1e-12)
        ->and(fn () => AddedWeight::of(-1))->toThrow(OutOfRange::class);
});

it('explains its figures: the last of each step is the figure itself', function (): void {
    $setup = BandHelp::of(2.0, Attach::Foot, [band(), LoopBand::of('e', 'Elm', 1.0, 13, 4.5)]);
    $why = $setup->why(athlete());
    $load = $setup->carriedBy(athlete());
    assert($load instanceof CarriedLoad);
    $steps = array_column($why->steps, 'value', 'label');

    expect($steps['Carried, mean'])->toEqualWithDelta($load->meanN / 9.80665, 1e-9)
        ->and($steps['Carried share'])->toEqualWithDelta(100 * $load->share(), 1e-9)
        ->and($steps['Effective share'])->toEqualWithDelta(100 * $load->effectiveShare(), 1e-9)
        ->and($steps['Band band at the hang'])->toEqualWithDelta(1.95, 1e-9)
        ->and($why->remedies)->toBe(['Measure the reach.', spaced('Measure band Elm at two lengths, 40 cm apart.')])
        ->and(implode(' ', $why->uncertainties))->toContain('from the band curve');
});

it('takes one to six bands and a sensible bar', function (): void {
    expect(fn () => BandHelp::of(2.5, Attach::Foot, []))->toThrow(OutOfRange::class, 'bands')
        ->and(fn () => BandHelp::of(NAN, Attach::Foot, [band()]))->toThrow(OutOfRange::class, 'bar_height_m')
        ->and(fn () => BandHelp::of(2.5, Attach::Foot, [band()], 0.9))->toThrow(OutOfRange::class, 'clearance_m');
});
