<?php

declare(strict_types=1);

use SteadyRung\Body\Posture;
use SteadyRung\Body\Proportions;
use SteadyRung\Body\Segments;
use SteadyRung\Gravity;

it('has an arm as the published segments make it, and a reach ratio inside published ones', function (): void {
    // Drillis & Contini 1966, in Winter (memory): upper arm .186, forearm .146, hand .108 of stature.
    expect(Proportions::UPPER_ARM + Proportions::FOREARM + Proportions::HAND)->toEqualWithDelta(0.440, 1e-12);
    // Vertical grip reach over stature in anthropometric surveys: 1.18 to 1.24 standing (common practice in workplace design; memory).
    expect(Proportions::GRIP_REACH)->toBeGreaterThan(1.18)->toBeLessThan(1.24);
});

it('uses standard gravity (3rd CGPM 1901)', function (): void {
    expect(Gravity::M_PER_S2)->toBe(9.80665);
});

it('has segments that make up the whole body', function (): void {
    // Dempster 1955, as in Winter (memory): hand .006, forearm .016, upper arm .028, foot .0145, shank .0465, thigh .100 a side, the rest .578.
    expect(Segments::totalMass())->toEqualWithDelta(1.0, 1e-9);
});

it('stands with its centre of mass where reaction boards find it, and higher with the arms up', function (): void {
    // Hellebrandt et al. 1938 (memory): 0.55 to 0.57 of stature.
    $at = fn (Posture $posture): float => Segments::centrePerStature($posture);

    expect($at(Posture::ArmsDown))->toBeGreaterThan(0.55)->toBeLessThan(0.57)
        ->and($at(Posture::ArmsPulledIn))->toBeGreaterThan($at(Posture::ArmsDown))
        ->and($at(Posture::ArmsForward))->toBeGreaterThan($at(Posture::ArmsPulledIn))
        ->and($at(Posture::ArmsOverhead))->toBeGreaterThan($at(Posture::ArmsForward));
});
