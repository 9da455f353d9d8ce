<?php

declare(strict_types=1);

use SteadyRung\Kit\GearClash;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\Feet\BoxReach;
use SteadyRung\Setup\Feet\FootHelp;
use SteadyRung\Setup\Feet\Hop;
use SteadyRung\Setup\HelpGrade;
use SteadyRung\Setup\Misfit;
use SteadyRung\Setup\WarningCode;

function fitting(CarriedLoad|DoesNotFit $answer): CarriedLoad
{
    return $answer instanceof CarriedLoad ? $answer : throw new Exception($answer->reason);
}

it('bounds foot help by how far the legs reach, and more with a taller box', function (): void {
    $body = athlete(70, 1.75, 2.1);
    $widths = array_map(function (float $boxM) use ($body): float {
        $load = fitting(FootHelp::of(2.4, $boxM)->carriedBy($body));
        [$low, $high] = $load->shareRange;
        $reach = $body->reachSdM() / $body->pullDistanceM();
        $part = $high - $low - $reach;
        expect($high)->toBe(1.0)->and($load->share())->toEqualWithDelta(1 - $part / 2, 1e-12)
            ->and($load->shareSd)->toEqualWithDelta(hypot($part / sqrt(12), $reach / 2), 1e-12);

        return $part;
    }, [0.25, 0.30, 0.35, 0.45]);

    expect($widths[0])->toEqualWithDelta((-(2.4 - 0.25 - 2.1) + 0.05 * 1.75) / $body->pullDistanceM(), 1e-12);
    foreach ([1, 2, 3] as $i) {
        expect($widths[$i])->toBeGreaterThan($widths[$i - 1]);
    }
});

it('takes a scale under the feet at its word', function (): void {
    $load = fitting(FootHelp::of(2.4, 0.4, 18.0)->carriedBy(athlete(70)));

    expect(CarriedLoad::kg($load->meanN))->toEqualWithDelta(52.0, 1e-9)->and($load->shareRange)->toBeNull()
        ->and($load->shareSd)->toBeGreaterThan(0.0);
});

it('counts no help where the coach saw none, and warns where the legs can do it all', function (): void {
    $none = fitting(FootHelp::of(2.4, 0.4, null, HelpGrade::None)->carriedBy(athlete()));
    $all = fitting(FootHelp::of(1.5, 0.4)->carriedBy(athlete()));

    expect($none->shareRange)->toBe([1.0, 1.0])->and($none->shareSd)->toBe(0.0)
        ->and($all->shareRange)->toBe([0.0, 1.0])->and($all->warnings[0]->code)->toBe(WarningCode::LegsAllTheWay);
});

it('gives a hop as an interval, wider the higher', function (): void {
    $small = fitting(Hop::of(2.4, 0.3, Hop::SMALL_M)->carriedBy(athlete(70, 1.75, 2.1)));
    $jump = fitting(Hop::of(2.4, 0.3, Hop::JUMP_M)->carriedBy(athlete(70, 1.75, 2.1)));

    expect($small->shareRange[0])->toBeGreaterThan($jump->shareRange[0])->and($small->shareRange[1])->toBe(1.0);
});

it('does not fit where feet or hop reach nothing, and says by how much', function (): void {
    $feet = FootHelp::of(2.6, 0.1)->carriedBy(athlete(70, 1.75, 2.1));
    $hop = Hop::of(3.0, 0.0, 0.1)->carriedBy(athlete(70, 1.75, 2.1));
    $heavy = FootHelp::of(2.4, 0.4, 80.0)->carriedBy(athlete(70));
    assert($feet instanceof DoesNotFit && $hop instanceof DoesNotFit && $heavy instanceof DoesNotFit);

    expect($feet->misfit)->toBe(Misfit::FeetReachNothing)->and($feet->reason)->toContain(spaced('hang 31 cm over it'))
        ->and($hop->reason)->toContain('below the bar')
        ->and($heavy->misfit)->toBe(Misfit::LiftsOff);
});

it('refuses a box above the bar, or too near it, and figures out of range', function (): void {
    expect(fn () => FootHelp::of(2.0, 2.4))->toThrow(GearClash::class, spaced('A box of 240 cm under a bar at 200 cm'))
        ->and(fn () => Hop::of(1.4, 1.0, 0.1))->toThrow(GearClash::class)
        ->and(fn () => Hop::of(2.4, 0.3, 0.9))->toThrow(OutOfRange::class, 'hop_m')
        ->and(fn () => FootHelp::of(2.4, 0.3, -1.0))->toThrow(OutOfRange::class, 'scale_kg')
        ->and(fn () => FootHelp::of(2.4, NAN))->toThrow(OutOfRange::class, 'box_m');
});

it('finds the box of a leg part exactly', function (): void {
    $body = athlete(70, 1.75, 2.1);
    foreach ([0.1, 1 / 3, 0.8] as $part) {
        expect(BoxReach::of(2.4, BoxReach::boxFor($body, 2.4, $part))->legPart($body))->toEqualWithDelta($part, 1e-12);
    }
});

it('draws the box and the gap as they are', function (): void {
    $drawn = array_column(FootHelp::of(2.4, 0.25)->sideView(athlete(70, 1.75, 2.1))->dimensions, 'value', 'label');

    expect($drawn['bar'])->toEqualWithDelta(2.4, 1e-12)
        ->and($drawn['box'])->toEqualWithDelta(0.25, 1e-12)
        ->and($drawn['gap to reach'])->toEqualWithDelta(0.05, 1e-9);
});
