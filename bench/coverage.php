<?php

declare(strict_types=1);

use SteadyRung\Simulation\Draws;
use SteadyRung\Simulation\OneBand;
use SteadyRung\Simulation\ResponseModel;
use SteadyRung\Simulation\VirtualAthlete;

require __DIR__.'/../vendor/autoload.php';

// How often the 80 % interval of capacity holds the truth after so many sessions on one band, whose error is drawn once for each
// athlete and stays. Athletes differ as much as the filter takes people to. bench/coverage.php [athletes, 600]

const BANDS = ['estimated' => 0.09, 'one point' => 0.045, 'measured' => 0.015];
const AFTER = [1, 4, 8, 16];

$athletes = (int) ($argv[1] ?? 600);
$models = ResponseModel::cases();
foreach (BANDS as $name => $sd) {
    $held = array_fill_keys(AFTER, 0);
    for ($i = 0; $i < $athletes; $i++) {
        $start = new Draws(9000 + $i);
        $athlete = VirtualAthlete::drawn($models[$i % count($models)], 500 * ($i + 1), 0.70 * exp(0.25 * $start->normal()));
        $holds = OneBand::holds($athlete, $sd, max(AFTER));
        foreach (AFTER as $sessions) {
            $held[$sessions] += (int) $holds[$sessions - 1];
        }
    }
    printf("%-10s %s\n", $name, implode('  ', array_map(static fn (int $n, int $h): string => sprintf('after %2d: %.3f', $n, $h / $athletes), array_keys($held), $held)));
}
