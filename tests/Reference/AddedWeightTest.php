<?php

declare(strict_types=1);

use SteadyRung\Setup\AddedWeight;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Strength\Reps\RepCurve;

it('turns 8 reps into 4 to 7 with 4.5 kg on the belt, for an athlete near 75 kg', function (): void {
    // Common practice: about 4.5 kg on the belt turns 8 reps into 4–6.
    $curve = RepCurve::steady();
    $capacity = $curve->capacity(75.0, 8);
    $load = CarriedLoad::kg(AddedWeight::of(4.5)->carriedBy(athlete(75))->meanN);

    expect($curve->repsAt($capacity, $load)->reps)->toBeGreaterThanOrEqual(4.0)->toBeLessThanOrEqual(7.0);
});
