<?php

declare(strict_types=1);

use SteadyRung\Plan\Diary\TimeOff;
use SteadyRung\Strength\Ahead;
use SteadyRung\Strength\Filter\CapacityFilter;
use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\Observation;
use SteadyRung\Strength\Filter\TimeStep;
use SteadyRung\Strength\Forecast;
use SteadyRung\Strength\ForecastVerdict;

/** Somebody whose capacity has gone up for ten weeks, as it was on day 70. */
function rising(): CapacityState
{
    $state = null;
    foreach (range(0, 70, 7) as $week => $day) {
        $state = CapacityFilter::usual()->after($state, Observation::reps($day, FeltLoad::of(0.72 * exp(0.008 * $week)), 5, 0));
    }

    return $state;
}

it('never falls with the weeks, begins at nothing, and asks more for more reps', function (): void {
    $state = rising();
    $first = Forecast::of(Ahead::of($state, 72), 1);
    $chances = $first->chances();
    $sorted = $chances;
    sort($sorted);

    expect($chances)->toBe($sorted)->toHaveCount(53)->and($chances[0])->toBe(0.0)
        ->and($first->verdict())->toBe(ForecastVerdict::Dated)
        ->and($first->weeksUntil(0.1))->toBeLessThan($first->weeksUntil(0.5))
        ->and(Forecast::of(Ahead::of($state, 72), 5)->within(26))->toBeLessThan($first->within(26));
});

it('says test now from an even chance on, reached where it was done, and otherwise what stands in the way', function (): void {
    $limit = Forecast::of(Ahead::of(known(0.75, 0.03), 0), 1);

    expect(Forecast::of(Ahead::of(known(1.01, 0.03), 0), 1)->verdict())->toBe(ForecastVerdict::TestNow)
        ->and(Forecast::of(Ahead::of(known(0.99, 0.03), 0), 1, wasDone: true)->verdict())->toBe(ForecastVerdict::Reached)
        ->and(Forecast::of(Ahead::of(known(0.99, 0.03), 0), 1, wasDone: true)->chances())->each->toBe(1.0)
        ->and($limit->verdict())->toBe(ForecastVerdict::NotForeseeable)
        ->and($limit->limit())->toContain('75 %')->toContain('100 % are needed')->toContain('does not rise');
});

it('counts weeks away once, from the last set to today, and none for the weeks ahead', function (): void {
    $away = Forecast::of(Ahead::of(known(1.0, 0.03), 56), 1);

    expect($away->reached[0])->toBeLessThan(0.25)->and($away->reached[8])->toBeGreaterThanOrEqual($away->reached[0]);
});

it('dates what has not come yet by the chances it tells, later than by F itself', function (): void {
    $forecast = Forecast::of(Ahead::of(rising(), 72), 1);
    $even = $forecast->weeksFromNow(0.5);

    expect($forecast->weeksFromNow(0.1))->toBeLessThan($even)
        ->and($even)->toBeGreaterThan($forecast->weeksUntil(0.5))
        ->and($forecast->within((int) floor($even)))->toBeLessThanOrEqual(0.5)
        ->and($forecast->within((int) ceil($even)))->toBeGreaterThanOrEqual(0.5)
        ->and(Forecast::of(Ahead::of(known(0.99, 0.03), 0), 1, wasDone: true)->weeksFromNow(0.5))->toBeNull()
        ->and(Forecast::targetBeyond(4))->toBe(5)->and(Forecast::targetBeyond(10))->toBeNull();
});

it('stands still in weeks off, and loses what a longer break costs', function (): void {
    $off = (new TimeOff([[14, 41]]))->trained(0, Ahead::WEEKS);
    $with = Ahead::of(known(0.9, 0.03), 0, $off);
    $without = Ahead::of(known(0.9, 0.03), 0);

    expect($off[6])->toBe([2, TimeStep::lostIn(4.0)])
        ->and($with->in(2)->share())->toBe($without->in(2)->share())
        ->and($with->in(6)->share())->toEqualWithDelta($without->in(2)->share() * exp(-TimeStep::lostIn(4.0)), 1e-12)
        ->and($with->in(6)->sdLog())->toBe($without->in(2)->sdLog())
        ->and($with->chance(20, 1))->toBeLessThan($without->chance(20, 1));
});
