<?php

declare(strict_types=1);

use SteadyRung\Body\Posture;
use SteadyRung\Body\Proportions;
use SteadyRung\Body\Segments;
use SteadyRung\Body\SegmentTable;
use SteadyRung\Gravity;
use SteadyRung\Setup\Demand;

it('has an arm as the published segments make it, and a reach ratio inside published ones', function (): void {
    // Drillis & Contini 1966, in Winter (memory): upper arm .186, forearm .146, hand .108 of stature.
    expect(Proportions::UPPER_ARM + Proportions::FOREARM + Proportions::HAND)->toEqualWithDelta(0.440, 1e-12);
    // Vertical grip reach over stature in anthropometric surveys: 1.18 to 1.24 standing (common practice in workplace design; memory).
    expect(Proportions::GRIP_REACH)->toBeGreaterThan(1.18)->toBeLessThan(1.24);
});

it('uses standard gravity (3rd CGPM 1901)', function (): void {
    expect(Gravity::M_PER_S2)->toBe(9.80665);
});

it('leaves the trunk, head and neck what the published tables leave them', function (SegmentTable $table, float $trunk): void {
    // Dempster 1955, as in Winter (memory): .578. de Leva 1996 (memory): men .4346 + .0694, women .4257 + .0668.
    expect(Segments::of($table)->trunk())->toEqualWithDelta($trunk, 0.0006);
})->with([[SegmentTable::Average, 0.578], [SegmentTable::Men, 0.504], [SegmentTable::Women, 0.4925]]);

it('stands with its centre of mass where reaction boards find it, and higher with the arms up', function (
    SegmentTable $table,
    float $centre,
): void {
    // de Leva 1996 (memory): .570·H men, .553·H women, the average between them; .010·H allowed.
    $at = fn (Posture $posture): float => Segments::of($table)->centrePerStature($posture);

    expect($at(Posture::ArmsDown))->toEqualWithDelta($centre, 0.010)
        ->and($at(Posture::ArmsPulledIn))->toBeGreaterThan($at(Posture::ArmsDown))
        ->and($at(Posture::ArmsForward))->toBeGreaterThan($at(Posture::ArmsPulledIn))
        ->and($at(Posture::ArmsOverhead))->toBeGreaterThan($at(Posture::ArmsForward));
})->with([[SegmentTable::Men, 0.570], [SegmentTable::Women, 0.553], [SegmentTable::Average, 0.5615]]);

it('reaches as far as surveys find without a shrug', function (): void {
    // Pheasant (memory): grip reach 1.184·H; .021·H allowed.
    expect(Proportions::GRIP_REACH)->toEqualWithDelta(1.184, 0.021);
});

it('lifts in a pull all but hands, forearms and the elbow’s end of the upper arms', function (): void {
    $segments = Segments::of(SegmentTable::Average);
    $stays = 2 * ($segments->hand + $segments->forearm + $segments->upperArmCentre * $segments->upperArm);

    expect(Demand::LIFTED)->toEqualWithDelta(1 - $stays, 0.004);
});
