#!/usr/bin/env php
<?php

declare(strict_types=1);

/**
 * The first stage of each method on virtual athletes of six models: how many leave it within twice its usual weeks, and what the call
 * says holds the others, and whether they leave with that cause taken away. Seeds are the numbers of the athletes, from one on.
 *
 * php bench/stages.php [athletes of each model, 4] [methods, comma between; all]
 */

require_once __DIR__.'/../vendor/autoload.php';
require_once __DIR__.'/support/gym.php';

use App\Formats\Methods\Catalogue;
use SteadyRung\Body\Body;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Method;
use SteadyRung\Plan\Context\SearchedRungs;
use SteadyRung\Simulation\Apprenticeship;
use SteadyRung\Simulation\Draws;
use SteadyRung\Simulation\ResponseModel;
use SteadyRung\Simulation\TrainedDay;
use SteadyRung\Simulation\Trainee;
use SteadyRung\Simulation\VirtualAthlete;

const BAND_SD = 0.03;
const TIMES = 2;
const STRONGER = 1.3;

$count = (int) ($argv[1] ?? 4);
$ways = new SearchedRungs(new RungSearch(benchGym()), Body::of(70.0, 1.72, 2.07));

/** The last day of an athlete at the first stage, so many weeks on; none where they left it. */
function lastAtFirst(Method $method, SearchedRungs $ways, ResponseModel $model, int $seed, float $times = 1.0): ?TrainedDay
{
    $first = $method->stages[0];
    $capacity = $times * (new Draws(7000 + $seed))->between(0.55, 0.85);
    $trainee = new Trainee(VirtualAthlete::drawn($model, 100 * $seed + 3, $capacity), BAND_SD);
    $last = null;
    foreach (Apprenticeship::of($trainee, $method, HouseRules::usual(), $ways, 7 * (TIMES * $first->weeks[1] + 2)) as $day) {
        if ($day->place->stage->key !== $first->key) {
            return null;
        }
        $last = $day;
    }

    return $last;
}

printf("%-16s %-32s %12s %6s %s\n", 'method', 'first stage', 'twice weeks', 'left %', 'of the others with the cause away');
foreach (isset($argv[2]) ? explode(',', $argv[2]) : Catalogue::keys() as $key) {
    $method = Catalogue::method($key);
    $first = $method->stages[0];
    $stuck = $freed = $of = 0;
    $causes = [];
    foreach (ResponseModel::cases() as $model) {
        for ($seed = 1; $seed <= $count; $seed++) {
            $of++;
            $last = lastAtFirst($method, $ways, $model, $seed);
            if ($last === null) {
                continue;
            }
            $stuck++;
            // What is named is a count that is not reached: whoever is a third stronger from the first day on has no such cause.
            $freed += lastAtFirst($method, $ways, $model, $seed, STRONGER) === null ? 1 : 0;
            $said = array_map(static fn (Evidence $e): string => $e->text, $last->call->reasons ?? []);
            $cause = (string) preg_replace('/\d+/', 'n', $said[2] ?? $said[0] ?? 'nothing said');
            $causes[$cause] = ($causes[$cause] ?? 0) + 1;
        }
    }
    printf("%-16s %-32s %12d %6.0f %d of %d leave\n", $key, $first->name, TIMES * $first->weeks[1], 100 * ($of - $stuck) / $of, $freed, $stuck);
    foreach ($causes as $cause => $times) {
        printf("    %d × %s\n", $times, $cause);
    }
}
