<?php

declare(strict_types=1);

use SteadyRung\Kit\UsualGear;

/** Common practice: what loops of 104 cm by 4.5 mm are sold as taking off, in kg, by their width in mm. */
const SOLD_AS_KG = ['13' => [5, 16], '22' => [9, 25], '32' => [13, 36], '44' => [20, 54], '64' => [28, 75]];

it('offers bands in the usual widths, whose estimated pull at twice their length is what they are sold as', function (): void {
    $pulls = [];
    foreach (UsualGear::bands() as $band) {
        $pulls[(string) $band->widthMm] = $band->law->forceN(2 * $band->hungLengthM()) / 9.81;
    }
    expect(array_map(strval(...), array_keys($pulls)))->toBe(array_map(strval(...), array_keys(SOLD_AS_KG)));
    foreach (SOLD_AS_KG as $width => [$low, $high]) {
        expect($pulls[$width])->toBeGreaterThan($low)->toBeLessThan($high);
    }
});
