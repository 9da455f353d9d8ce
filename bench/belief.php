#!/usr/bin/env php
<?php

declare(strict_types=1);

/**
 * What ten days of silence, 5 % of bodyweight in a month, and sets from home on unknown gear do to what is believed: on virtual athletes
 * of six models after twelve weeks of training, how the believed capacity moves against the truth, how wide it is, and how well the next
 * first set is foretold. Errors stay fixed as they do in life. Seeds are the numbers of the athletes.
 *
 * php bench/belief.php [athletes of each model, 100]
 */

require_once __DIR__.'/../vendor/autoload.php';

use SteadyRung\Simulation\Draws;
use SteadyRung\Simulation\ResponseModel;
use SteadyRung\Simulation\VirtualAthlete;
use SteadyRung\Strength\Filter\CapacityFilter;
use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\Observation;
use SteadyRung\Strength\RepPrediction;

const TRAINED_DAYS = 84;
const BAND_SD = 0.04;
const SET_SHARE = 0.8;
const BETWEEN_DAYS = 3;
const HOME_SD = 0.10;
const MASS_GAINED = 0.05;
const MONTH_DAYS = 28;
const HOME_DAYS = 14;
const SILENT_DAYS = 10;

/** One set to failure on a band, where a share of so much is asked in truth. */
function setOn(VirtualAthlete $athlete, float $share, string $key): int
{
    return $athlete->repsToFailure($share * exp(-$athlete->errorOf($key, BAND_SD / $share)), 0);
}

/**
 * Trained for so many days, a set on each third.
 *
 * @param  Closure(int): float  $share  in truth on a day
 * @param  Closure(int): float  $told  as it is computed on a day
 * @return array{CapacityState, int}
 */
function trained(VirtualAthlete $athlete, CapacityState $state, int $day, int $days, Closure $share, Closure $told, string $key = 'band', float $sd = BAND_SD): array
{
    for ($until = $day + $days; $day < $until;) {
        $day += BETWEEN_DAYS;
        $athlete->pass(BETWEEN_DAYS);
        $reps = setOn($athlete, $share($day), $key);
        $state = CapacityFilter::usual()->after(
            $state->on($day),
            Observation::reps($day, FeltLoad::of($told($day), $sd, $key), $reps, 0, toFailure: true),
        );
    }

    return [$state, $day];
}

$each = (int) ($argv[1] ?? 100);
$scenarios = ['as usual', 'ten days of silence', '5 % heavier in a month, weighed', '5 % heavier in a month, not weighed', 'two weeks at home'];
$out = array_fill_keys($scenarios, ['n' => 0, 'inside' => 0, 'bias' => 0.0, 'width' => 0.0, 'off' => 0.0]);
foreach (ResponseModel::cases() as $model) {
    for ($seed = 1; $seed <= $each; $seed++) {
        foreach ($scenarios as $scenario) {
            $athlete = VirtualAthlete::drawn($model, 100 * $seed + 3, (new Draws(7000 + $seed))->between(0.62, 0.92));
            $before = SET_SHARE * $athlete->capacityShare();
            $same = static fn (): float => $before;
            [$state, $day] = trained($athlete, CapacityFilter::usual()->prior(0), 0, TRAINED_DAYS, $same, $same);
            $from = $day;
            // Strength in kilograms stays: the share of the same band grows with the mass, and is computed so where somebody weighs.
            $heavier = static fn (int $at): float => $before * (1.0 + MASS_GAINED * min(1.0, ($at - $from) / MONTH_DAYS));
            $told = $scenario === '5 % heavier in a month, weighed' ? $heavier : $same;
            $isHeavier = str_starts_with($scenario, '5 %');
            $true = $isHeavier ? $heavier : $same;
            if ($isHeavier) {
                [$state, $day] = trained($athlete, $state, $day, MONTH_DAYS, $heavier, $told);
            } elseif ($scenario === 'two weeks at home') {
                [$state, $day] = trained($athlete, $state, $day, HOME_DAYS, $same, $same, 'home', HOME_SD);
            } elseif ($scenario === 'ten days of silence') {
                $athlete->pass(SILENT_DAYS, false);
                $day += SILENT_DAYS;
            }
            $day += BETWEEN_DAYS;
            $athlete->pass(BETWEEN_DAYS);
            $now = $state->on($day);
            $prediction = RepPrediction::at($now, FeltLoad::of($told($day), BAND_SD, 'band'));
            $reps = setOn($athlete, $true($day), 'band');
            $out[$scenario]['n']++;
            $out[$scenario]['inside'] += $reps >= floor($prediction->low80()) && $reps <= floor($prediction->high80()) ? 1 : 0;
            $out[$scenario]['bias'] += $prediction->median() - $reps - 0.5;
            $out[$scenario]['width'] += 100 * ($now->high80() - $now->low80());
            // Of bodyweight as it is, or as somebody believes it.
            $capacity = $athlete->capacityShare() * $told($day) / $true($day);
            $out[$scenario]['off'] += 100 * ($now->share() / $capacity - 1.0);
        }
    }
}
printf("%-38s %6s %10s %10s %14s %12s\n", '', 'n', 'inside %', 'bias reps', 'width points', 'off truth %');
foreach ($out as $scenario => $sum) {
    printf(
        "%-38s %6d %10.1f %+10.2f %14.1f %+12.1f\n",
        $scenario,
        $sum['n'],
        100 * $sum['inside'] / $sum['n'],
        $sum['bias'] / $sum['n'],
        $sum['width'] / $sum['n'],
        $sum['off'] / $sum['n'],
    );
}
