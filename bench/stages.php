#!/usr/bin/env php
<?php

declare(strict_types=1);

/**
 * The first stage of each method on virtual athletes of six models: how many leave it within twice its usual weeks, and what the call
 * says holds the others. Seeds are the numbers of the athletes, from one on.
 *
 * php bench/stages.php [athletes of each model]
 */

require_once __DIR__.'/../vendor/autoload.php';
require_once __DIR__.'/support/gym.php';

use App\Formats\Methods\Catalogue;
use SteadyRung\Body\Body;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Plan\Context\SearchedRungs;
use SteadyRung\Simulation\Apprenticeship;
use SteadyRung\Simulation\Draws;
use SteadyRung\Simulation\ResponseModel;
use SteadyRung\Simulation\TrainedDay;
use SteadyRung\Simulation\Trainee;
use SteadyRung\Simulation\VirtualAthlete;

const BAND_SD = 0.03;
const TIMES = 2;

$count = (int) ($argv[1] ?? 4);
$ways = new SearchedRungs(new RungSearch(benchGym()), Body::of(70.0, 1.72, 2.07));
printf("%-16s %-32s %12s %6s\n", 'method', 'first stage', 'twice weeks', 'left %');
foreach (Catalogue::keys() as $key) {
    $method = Catalogue::method($key);
    $first = $method->stages[0];
    $left = $of = 0;
    $causes = [];
    foreach (ResponseModel::cases() as $model) {
        for ($seed = 1; $seed <= $count; $seed++) {
            $of++;
            $trainee = new Trainee(VirtualAthlete::drawn($model, 100 * $seed + 3, (new Draws(7000 + $seed))->between(0.55, 0.85)), BAND_SD);
            $last = null;
            foreach (Apprenticeship::of($trainee, $method, HouseRules::usual(), $ways, 7 * (TIMES * $first->weeks[1] + 2)) as $day) {
                $last = $day;
                if ($day->place->stage->key !== $first->key) {
                    break;
                }
            }
            $hasLeft = $last instanceof TrainedDay && $last->place->stage->key !== $first->key;
            $left += $hasLeft ? 1 : 0;
            $said = array_map(static fn (Evidence $e): string => $e->text, $hasLeft ? [] : $last->call->reasons ?? []);
            $cause = $hasLeft ? null : preg_replace('/\d+/', 'n', $said[2] ?? $said[0] ?? 'nothing said');
            $causes[$cause ?? ''] = ($causes[$cause ?? ''] ?? 0) + 1;
        }
    }
    printf("%-16s %-32s %12d %6.0f\n", $key, $first->name, TIMES * $first->weeks[1], 100 * $left / $of);
    unset($causes['']);
    foreach ($causes as $cause => $times) {
        printf("    %d × %s\n", $times, $cause);
    }
}
