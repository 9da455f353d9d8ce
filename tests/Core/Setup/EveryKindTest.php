<?php

declare(strict_types=1);

use SteadyRung\Body\Body;
use SteadyRung\Setup\AddedWeight;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Setup\Band\AttachedBand;
use SteadyRung\Setup\Band\BandHelp;
use SteadyRung\Setup\Band\BandPullDown;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\Feet\FootHelp;
use SteadyRung\Setup\Feet\Hop;
use SteadyRung\Setup\Feet\LowBar;
use SteadyRung\Setup\HelpGrade;
use SteadyRung\Setup\Row\Heeling;
use SteadyRung\Setup\Row\Heels;
use SteadyRung\Setup\Row\Knees;
use SteadyRung\Setup\Row\Row;
use SteadyRung\Setup\Setup;
use SteadyRung\Setup\Stack\Counterweight;
use SteadyRung\Setup\Stack\PullDown;
use SteadyRung\Setup\Stack\Stance;
use SteadyRung\Setup\Strict;
use SteadyRung\Setup\Travel;

/** @return array<string, array{Setup}> */
function everySetup(): array
{
    return [
        'strict' => [new Strict],
        'band, foot' => [BandHelp::of(2.5, Attach::Foot, [band(29)])],
        'band, knee' => [BandHelp::of(2.5, Attach::Knee, [band(44)])],
        'two bands under a low bar' => [BandHelp::of(2.0, Attach::Foot, [band(13, 1.0, 'a'), band(22, 0.98, 'b')])],
        'row' => [Row::of(2.4, 1.5, 0.1)],
        'row, heels on a box' => [Row::of(2.4, 1.5, 0.3, 0.3)],
        'foot help' => [FootHelp::of(2.3, 0.25)],
        'foot help, weighed' => [FootHelp::of(2.3, 0.25, 14.0)],
        'hop' => [Hop::of(2.3, 0.1, 0.25)],
        'counterweight' => [Counterweight::of(25, 0.9)],
        'pull-down' => [PullDown::of(30)],
        'added' => [AddedWeight::of(7.5)],
        'row, knees bent, in a vest' => [Row::of(1.0, 0.0, 0.6, 0.0, new Heeling(Heels::Blocked, Knees::Bent), 8.0)],
        'one band at the foot, one at the knee' => [BandHelp::each(
            2.5,
            [new AttachedBand(band(13, 1.0, 'a'), Attach::Foot), new AttachedBand(band(22, 0.98, 'b'), Attach::Knee)],
        )],
        'squat pull' => [FootHelp::of(1.6, 0.0, 30.0, lapKg: 15.0)],
        'legs in front' => [LowBar::of(1.35)],
        'legs in front, limp' => [LowBar::of(1.35, grade: HelpGrade::None)],
        'pull-down, kneeling' => [PullDown::of(30, Stance::Kneeling)],
        'band pull-down' => [BandPullDown::of(2.4, [band(22, 0.5)])],
        'machine with a lever' => [Counterweight::of(25, 0.9, 6.0, 20.0, 35.0)],
    ];
}

const BODIES = [[48.0, 1.58, null], [70.0, 1.75, 2.1], [96.0, 1.92, 2.34]];

function everyBody(): Generator
{
    foreach (BODIES as [$massKg, $statureM, $reachM]) {
        yield Body::of($massKg, $statureM, $reachM);
    }
}

it('keeps the mean share between bottom and top, and inside an interval', function (Setup $setup): void {
    foreach (everyBody() as $body) {
        $load = $setup->carriedBy($body);
        if ($load instanceof CarriedLoad) {
            [$low, $high] = [min($load->bottomN, $load->topN), max($load->bottomN, $load->topN)];
            expect($load->meanN)->toBeGreaterThanOrEqual($low - 1e-9)->toBeLessThanOrEqual($high + 1e-9);
            expect($load->shareSd)->toBeGreaterThanOrEqual(0.0)->toBeLessThan(0.5);
            if ($load->shareRange !== null) {
                expect($load->share())->toBeGreaterThanOrEqual($load->shareRange[0])->toBeLessThanOrEqual($load->shareRange[1]);
            }
        }
    }
})->with(everySetup());

it('never speaks of less than nothing, and only with weight on the belt of more than everything', function (Setup $setup): void {
    foreach (everyBody() as $body) {
        $load = $setup->carriedBy($body);
        if ($load instanceof CarriedLoad) {
            expect($load->meanN)->toBeGreaterThan(0.0);
            $setup instanceof AddedWeight
                ? expect($load->share())->toBeGreaterThan(1.0)
                : expect($load->share())->toBeLessThanOrEqual(1.0 + 1e-12);
        }
    }
})->with(everySetup());

it('carries over both halves of the way what it carries over the whole', function (Setup $setup): void {
    foreach (everyBody() as $body) {
        $whole = $setup->carriedBy($body);
        if ($whole instanceof CarriedLoad) {
            [$low, $high] = [$setup->carriedBy($body, Travel::LowerHalf), $setup->carriedBy($body, Travel::UpperHalf)];
            assert($low instanceof CarriedLoad && $high instanceof CarriedLoad);
            expect($low->romM + $high->romM)->toEqualWithDelta($whole->romM, 1e-9)
                ->and(
                    $whole->shareRange === null ? ($low->meanN + $high->meanN) / 2.0 : $whole->meanN,
                )->toEqualWithDelta($whole->meanN, 1e-9 * $whole->weightN + 2e-3 * abs($low->meanN - $high->meanN));
        }
    }
})->with(array_filter(
    everySetup(),
    fn (array $of): bool => ! $of[0] instanceof PullDown && ! $of[0] instanceof BandPullDown,
)); // done over the whole way only

it('explains itself with figures that are finite, each with a unit', function (Setup $setup): void {
    $why = $setup->why(athlete(70, 1.75, 2.1));
    foreach ($why->steps as $step) {
        expect(is_finite($step->value))->toBeTrue($step->label)->and($step->unit)->not->toBe('')->and($step->how)->not->toBe('');
    }
    expect(array_unique(array_column($why->steps, 'label')))->toHaveCount(count($why->steps));
})->with(everySetup());

it('draws a body that stands on nothing but the floor or its box, and hangs where the hands are', function (Setup $setup): void {
    foreach (everyBody() as $body) {
        if (! $setup->carriedBy($body) instanceof CarriedLoad) {
            continue;
        }
        $view = $setup->sideView($body);
        foreach (array_filter([$view->start, $view->finish]) as $stick) {
            expect($stick->toe->yM)->toBeGreaterThan(-0.12)
                ->and($stick->grip->distanceM($stick->shoulder))->toBeLessThanOrEqual($body->armM() + 1e-6)
                ->and($stick->hip->distanceM($stick->shoulder))->toEqualWithDelta($body->heightM(0.818 - 0.530), 1e-9);
        }
        foreach ($view->dimensions as $dimension) {
            expect($dimension->value)->toBeGreaterThanOrEqual(0.0)
                ->and(
                    $dimension->unit === 'm' ? $dimension->from->distanceM($dimension->to) : $dimension->value,
                )->toEqualWithDelta($dimension->value, 1e-6);
        }
    }
})->with(everySetup());
