<?php

declare(strict_types=1);

use SteadyRung\Body\Proportions;
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
