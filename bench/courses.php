#!/usr/bin/env php
<?php

declare(strict_types=1);

/**
 * The courses of single virtual athletes, a line a session, to be read as a coach: week, true capacity, set-up and what it carries, what
 * was written and done (reps/left), the try, and the call. Seeds are the numbers of the athletes; the models take turns.
 *
 * php bench/courses.php [athletes, 10] [method, steady-ladder] [weeks, 52]
 */

require_once __DIR__.'/../vendor/autoload.php';
require_once __DIR__.'/support/gym.php';

use App\Formats\Methods\Catalogue;
use SteadyRung\Body\Body;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Context\SearchedRungs;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Simulation\Apprenticeship;
use SteadyRung\Simulation\Draws;
use SteadyRung\Simulation\ResponseModel;
use SteadyRung\Simulation\Trainee;
use SteadyRung\Simulation\VirtualAthlete;

$method = Catalogue::method($argv[2] ?? 'steady-ladder');
$ways = new SearchedRungs(new RungSearch(benchGym()), Body::of(70.0, 1.72, 2.07));
$models = ResponseModel::cases();
for ($seed = 1; $seed <= (int) ($argv[1] ?? 10); $seed++) {
    $model = $models[$seed % count($models)];
    $trainee = new Trainee(VirtualAthlete::drawn($model, 100 * $seed + 3, (new Draws(7000 + $seed))->between(0.62, 0.92)), 0.03);
    printf("\n%d, %s\n", $seed, $model->value);
    foreach (Apprenticeship::of($trainee, $method, HouseRules::usual(), $ways, 7 * (int) ($argv[3] ?? 52)) as $day => $trained) {
        $written = [];
        foreach ($trained->session->blocks as $block) {
            if ($block instanceof Block && $block->part === SessionPart::Main && $block->rung() !== null) {
                $work = $block->rung()->exercise->work();
                $done = array_filter($trained->sets, static fn (Done $d): bool => $d->work === $work);
                $written[] = sprintf(
                    '%s %d%%: %d × %s → %s',
                    $block->words(),
                    round(100 * $block->rung()->share()),
                    $block->sets,
                    $block->amount->words(),
                    implode(' ', array_map(static fn (Done $d): string => ($d->reps ?? "{$d->seconds} s").'/'.($d->reserve ?? '?'), $done)),
                );
            }
        }
        $tried = array_filter($trained->sets, static fn (Done $d): bool => $d->purpose->value === 'try' || $d->purpose->value === 'test');
        printf(
            "%4.1f %.2f  %s%s  | %s %s\n",
            $day / 7.0,
            $trained->capacityShare,
            implode('; ', $written),
            $tried === [] ? '' : '; try '.implode(' ', array_map(static fn (Done $d): string => (string) $d->reps, $tried)),
            $trained->call?->verdict->value,
            $trained->call?->rule,
        );
        if ($trained->came()->strictReps() > 0) {
            break;
        }
    }
}
