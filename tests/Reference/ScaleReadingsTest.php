<?php

declare(strict_types=1);

use SteadyRung\Kit\Scale\ScaleReading;
use SteadyRung\Kit\Scale\ScaleState;
use SteadyRung\Kit\Scale\ScaleWatch;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\Feet\FootHelp;

it('reads the median and the spread that NumPy does', function (): void {
    $forces = [101.2, 100.8, 101.0, 100.9, 101.3, 100.7, 101.1, 101.0, 100.95, 101.05];
    $readings = array_map(fn (float $n, int $i) => new ScaleReading($i, 9_000 + 100 * $i, $n), $forces, array_keys($forces));
    $watch = ScaleWatch::of($readings, 9_950);
    [$median, $sd] = scipy('answer = [float(np.median(given)), float(np.std(given, ddof=1))]', $forces);

    expect($watch->state)->toBe(ScaleState::Steady)
        ->and($watch->forceN)->toEqualWithDelta($median, 1e-8)
        ->and($watch->sdN)->toEqualWithDelta($sd, 1e-8);
});

it('spreads an interval as SciPy’s uniform distribution does', function (): void {
    $load = FootHelp::of(2.4, 0.35)->carriedBy(athlete(70, 1.75, 2.1));
    assert($load instanceof CarriedLoad);
    // The reach's error of 1 cm widens the lower end and moves the mean by half of it.
    $reach = 0.01 / $load->romM;
    [$mean, $sd] = scipy(
        "from scipy.stats import uniform\nu = uniform(given[0], given[1] - given[0])\nanswer = [u.mean(), u.std()]",
        [$load->shareRange[0] + $reach, $load->shareRange[1]],
    );

    expect($load->share())->toEqualWithDelta($mean, 1e-8)->and($load->shareSd)->toEqualWithDelta(hypot($sd, $reach / 2), 1e-8);
});
