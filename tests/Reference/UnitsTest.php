<?php

declare(strict_types=1);

use App\Formats\Units\LengthUnit;
use App\Formats\Units\MassUnit;

/** NIST Handbook 44 (2024), appendix C: 1 pound = 0.453 592 37 kg and 1 inch = 2.54 cm, both exactly. */
it('has the pound and the inch of the handbook', function (): void {
    expect(0.45359237 * MassUnit::Pounds->perKg())->toEqualWithDelta(1.0, 1e-15)
        ->and(100.0 * MassUnit::Pounds->perKg())->toEqualWithDelta(220.4622622, 1e-7)
        ->and(0.0254 * LengthUnit::Inches->perM())->toEqualWithDelta(1.0, 1e-15)
        ->and(3.048 * LengthUnit::Inches->perM())->toEqualWithDelta(120.0, 1e-12)
        ->and(MassUnit::Kilograms->perKg())->toBe(1.0)->and(LengthUnit::Centimetres->perM())->toBe(100.0);
});
