<?php

declare(strict_types=1);

use SteadyRung\Simulation\OneBand;

require __DIR__.'/../vendor/autoload.php';

// How often the 80 % interval of capacity holds the truth after so many sessions on one band, whose error is drawn once for each
// athlete and stays. Athletes differ as much as the filter takes people to. bench/coverage.php [athletes, 600]

const BANDS = ['estimated' => 0.09, 'one point' => 0.045, 'measured' => 0.015];
const AFTER = [1, 4, 8, 16];

foreach (BANDS as $name => $sd) {
    $coverage = OneBand::coverage((int) ($argv[1] ?? 600), $sd, AFTER);
    printf(
        "%-10s %s\n",
        $name,
        implode(
            '  ',
            array_map(
                static fn (int $sessions, float $held): string => sprintf('after %2d: %.3f', $sessions, $held),
                array_keys($coverage),
                $coverage,
            ),
        ),
    );
}
