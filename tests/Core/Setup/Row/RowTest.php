<?php

declare(strict_types=1);

use SteadyRung\Kit\Floor;
use SteadyRung\Kit\GearClash;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\Misfit;
use SteadyRung\Setup\Row\Heeling;
use SteadyRung\Setup\Row\HeelMark;
use SteadyRung\Setup\Row\Heels;
use SteadyRung\Setup\Row\Knees;
use SteadyRung\Setup\Row\Row;
use SteadyRung\Setup\Row\RowPath;
use SteadyRung\Setup\WarningCode;

function row(float $heelMarkM, float $anchorM = 2.4, float $strapM = 1.5, float $boxM = 0.0): Row
{
    return Row::of($anchorM, $strapM, $heelMarkM, $boxM);
}

function rowed(Row $row): CarriedLoad
{
    $load = $row->carriedBy(athlete(70, 1.75));

    return $load instanceof CarriedLoad ? $load : throw new Exception($load->reason);
}

it('carries more the flatter the body, and more with the heels on a box', function (): void {
    $before = 0.0;
    foreach (range(-0.9, 0.7, 0.1) as $mark) {
        $share = rowed(row($mark))->share();
        expect($share)->toBeGreaterThan($before)->toBeLessThan(1.0);
        $before = $share;
    }
    expect(rowed(row(0.2, boxM: 0.3))->share())->toBeGreaterThan(rowed(row(0.2))->share());
});

it('carries a mean between its two ends, in proportion to bodyweight', function (): void {
    foreach ([-0.6, 0.0, 0.5] as $mark) {
        $load = rowed(row($mark));
        $heavy = row($mark)->carriedBy(athlete(90, 1.75));
        assert($heavy instanceof CarriedLoad);

        expect($load->meanN)->toBeGreaterThan(min($load->bottomN, $load->topN))->toBeLessThan(max($load->bottomN, $load->topN))
            ->and($heavy->share())->toEqualWithDelta($load->share(), 1e-12)
            ->and($load->romM)->toEqualWithDelta(0.386 * 1.75 - 0.08, 1e-12);
    }
});

it('keeps heels, shoulder and anchor where the tape says', function (): void {
    $body = athlete(70, 1.75);
    $path = row(0.3, boxM: 0.3)->path($body);
    assert($path instanceof RowPath);
    $start = $path->at(0.0);
    $finish = $path->at(1.0);

    expect($start->contact->distanceM($start->heels))->toEqualWithDelta(0.818 * 1.75, 1e-12)
        ->and($start->contact->distanceM($start->anchor))->toEqualWithDelta(1.5 + $body->armM(), 1e-12)
        ->and($finish->contact->distanceM($finish->heels))->toEqualWithDelta(0.745 * 1.75, 1e-12)
        ->and($finish->contact->distanceM($finish->anchor))->toEqualWithDelta(1.58, 1e-12)
        ->and($start->heels->xM)->toBe(0.3)->and($start->heels->yM)->toBe(0.3)
        ->and($start->contact->xM)->toBeLessThan($start->heels->xM);
});

it('says what grip the heels need, and warns of a floor that does not give it', function (): void {
    $codes = fn (Row $row): array => array_map(fn ($w) => $w->code, rowed($row)->warnings);
    $on = fn (float $mark, Heeling $heeling, float $boxM = 0.0): Row => Row::of(2.4, 1.5, $mark, $boxM, $heeling);

    expect($codes($on(-0.9, new Heeling)))->toBe([])
        ->and($codes($on(-0.6, new Heeling(floor: Floor::Rubber))))->toBe([WarningCode::HeelsMaySlip])
        ->and($codes($on(-0.6, new Heeling(floor: Floor::Wood))))->toBe([WarningCode::HeelsSlip])
        ->and($codes($on(0.2, new Heeling)))->toBe([WarningCode::HeelsSlip])
        ->and($codes($on(0.2, new Heeling(Heels::Blocked, floor: Floor::Vinyl))))->toBe([])
        ->and($codes(Row::of(2.4, 1.5, 0.7, 0.8, new Heeling(Heels::Blocked))))->toBe([WarningCode::HeelsHigh]);
});

it('carries a vest in the straps, and less on bent knees, as an interval', function (): void {
    $plain = rowed(Row::of(1.0, 0.0, 0.9));
    $vest = rowed(Row::of(1.0, 0.0, 0.9, addedKg: 10.0));
    $bent = rowed(Row::of(1.0, 0.0, 0.6, 0.0, new Heeling(knees: Knees::Bent)));

    expect($vest->share() - $plain->share())->toEqualWithDelta($plain->share() * 10 / 70 * 0.70 / 0.60, 0.03)
        ->and($bent->shareRange[0])->toBeLessThan($bent->share())
        ->and($bent->shareRange[1])->toBeGreaterThan($bent->share())
        ->and($bent->shareSd)->toBeGreaterThan($plain->shareSd);
});

it('takes the weakest: nearly upright under rings at chest height, three tenths of bodyweight', function (): void {
    $easy = rowed(row(-0.5, 2.4, 1.2));

    expect($easy->share())->toBeLessThan(0.35)->toBeGreaterThan(0.25)
        ->and(rowed(row(0.4, 2.4, 1.2))->share())->toBeGreaterThan($easy->share() + 0.2);
});

it('works on a low bar without straps', function (): void {
    expect(rowed(row(0.85, 1.0, 0.0))->share())->toBeGreaterThan(0.5)->toBeLessThan(0.8);
});

it('does not fit where no body lies so, and says which way to move', function (Row $row, Misfit $misfit, string $way): void {
    $answer = $row->carriedBy(athlete(70, 1.75));
    assert($answer instanceof DoesNotFit);

    expect($answer->misfit)->toBe($misfit)->and($answer->reason)->toContain($way);
})->with(fn () => [
    'too far' => [row(3.0), Misfit::HeelsTooFar, 'towards the plumb line'],
    'too near' => [row(0.1, 1.2, 0.0), Misfit::HeelsTooNear, 'away from the plumb line'],
    'on the floor' => [row(1.2), Misfit::TouchesFloor, 'Shorten the straps'],
    'upright' => [row(-0.8, 2.4, 1.2), Misfit::StandsUpright, 'past the plumb line'],
    'lifted off' => [row(0.8, 2.4, 1.2), Misfit::FeetFloat, 'lengthen the straps'],
    'along the body' => [row(0.5, 2.4, 1.1), Misfit::PullsAlongBody, 'change the straps'],
]);

it('refuses gear that cannot be', function (): void {
    expect(fn () => row(0, strapM: 2.4))->toThrow(GearClash::class, 'hangs to the floor')
        ->and(fn () => row(0, 0.8, 0.0, 0.9))->toThrow(GearClash::class, 'not below the anchor')
        ->and(fn () => row(NAN))->toThrow(OutOfRange::class, 'heel_mark_m')
        ->and(fn () => row(0, 9.0))->toThrow(OutOfRange::class, 'anchor_height_m');
});

it('finds the heel mark of a share, and gives that share back to 1e-6', function (): void {
    foreach ([[2.4, 1.5, 0.0], [2.4, 1.5, 0.4], [3.0, 2.0, 0.3], [2.2, 1.4, 0.0]] as [$anchor, $strap, $box]) {
        foreach ([0.45, 0.5, 0.55, 0.6, 0.65] as $share) {
            $found = HeelMark::forShare(Row::of($anchor, $strap, 0.0, $box), athlete(70, 1.75), $share);
            assert($found instanceof Row);
            expect(rowed($found)->share())->toEqualWithDelta($share, 1e-6);
        }
    }
});

it('says what a strap reaches where no mark gives the share, and why where none fits', function (): void {
    $high = HeelMark::forShare(row(0), athlete(70, 1.75), 0.95);
    $never = HeelMark::forShare(Row::of(6.0, 0.1, 0.0), athlete(70, 1.75), 0.5);
    assert($high instanceof DoesNotFit && $never instanceof DoesNotFit);

    expect($high->misfit)->toBe(Misfit::ShareOutOfReach)->and($high->reason)->toContain('95 %')
        ->and($never->misfit)->toBe(Misfit::HeelsTooFar);
});

it('explains its figures and draws them', function (): void {
    $row = row(0.2, boxM: 0.3);
    $body = athlete(70, 1.75);
    $steps = array_column($row->why($body)->steps, 'value', 'label');
    $view = $row->sideView($body);
    $drawn = array_column($view->dimensions, 'value', 'label');
    $path = $row->path($body);
    assert($path instanceof RowPath);

    expect($steps['Carried share'])->toEqualWithDelta(100 * rowed($row)->share(), 1e-9)
        ->and($drawn['lean'])->toEqualWithDelta($path->at(0.0)->leanDeg(), 1e-9)
        ->and($drawn['heels past the plumb line'])->toBe(0.2)
        ->and($drawn['strap'])->toEqualWithDelta(1.5, 1e-9)
        ->and($drawn['box under the heels'])->toEqualWithDelta(0.3, 1e-9)
        ->and($view->start->grip->distanceM($view->start->shoulder))->toEqualWithDelta($body->armM(), 1e-9);
});
