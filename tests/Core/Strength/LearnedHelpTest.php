<?php

declare(strict_types=1);

use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\Demand;
use SteadyRung\Simulation\ResponseModel;
use SteadyRung\Simulation\VirtualAthlete;
use SteadyRung\Strength\Filter\CapacityFilter;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\Observation;
use SteadyRung\Strength\LearnedHelp;

/** Toes on a box: somewhere from half of bodyweight to all of it. */
function onToes(?array $range = [0.5, 1.0]): CarriedLoad
{
    return new CarriedLoad(700.0, 525.0, 525.0, 525.0, Demand::asCarried(700.0, 525.0, 525.0, 525.0), 0.12, 0.5, [], $range);
}

it('gives back the share that the toes left: of 60 athletes whose truth is known, eight in ten intervals hold it', function (): void {
    $held = $off = 0;
    for ($seed = 1; $seed <= 60; $seed++) {
        $trueShare = 0.62 + 0.30 * ($seed % 20) / 20;
        $felt = FeltLoad::of(0.75, 0.12, 'toes');
        $athlete = VirtualAthlete::drawn(ResponseModel::Spells, $seed, 0.95, k: 27.0);
        $state = null;
        foreach (range(0, 60, 4) as $i => $day) {
            $athlete->pass(0);
            $state = CapacityFilter::usual()->after($state, $i % 2 === 0
                ? Observation::reps($day, FeltLoad::of(0.8), $athlete->repsToFailure(0.8, 0), 0)
                : Observation::reps($day, $felt, $athlete->repsToFailure($trueShare, 0), 0));
        }
        $learned = LearnedHelp::of($state, onToes(), $felt) ?? throw new RuntimeException('Nothing was learned.');
        $held += $learned->low80 <= $trueShare && $trueShare <= $learned->high80 ? 1 : 0;
        $off += abs($learned->share - $trueShare) / 60;
    }

    expect($held / 60)->toBeGreaterThan(0.7)->and($off)->toBeLessThan(0.025);
});

it('says nothing of help that was measured, that was not used, or that taught nothing', function (): void {
    $felt = FeltLoad::of(0.75, 0.12, 'toes');
    $once = CapacityFilter::usual()->after(null, Observation::reps(0, $felt, 6));

    expect(LearnedHelp::of($once, onToes(null), $felt))->toBeNull()
        ->and(LearnedHelp::of($once, onToes(), FeltLoad::of(0.75, 0.12, 'other toes')))->toBeNull()
        ->and(LearnedHelp::of($once, onToes(), $felt))->toBeNull();
});

it('stays within what the height of the box allows', function (): void {
    $felt = FeltLoad::of(0.75, 0.12, 'toes');
    $state = null;
    foreach (range(0, 40, 4) as $i => $day) {
        $state = CapacityFilter::usual()->after(
            $state,
            Observation::reps($day, $i % 2 === 0 ? FeltLoad::of(0.8) : $felt, $i % 2 === 0 ? 6 : 30, 0),
        );
    }

    expect(LearnedHelp::of($state, onToes([0.7, 1.0]), $felt)->share)->toBe(0.7);
});
