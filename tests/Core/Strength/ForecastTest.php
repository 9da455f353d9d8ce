<?php

declare(strict_types=1);

use SteadyRung\Strength\Ahead;
use SteadyRung\Strength\Filter\CapacityFilter;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\Observation;
use SteadyRung\Strength\Forecast;
use SteadyRung\Strength\ForecastVerdict;

it('never falls with the weeks, begins at nothing, and asks more for more reps', function (): void {
    $state = null;
    foreach (range(0, 70, 7) as $week => $day) {
        $state = CapacityFilter::usual()->after($state, Observation::reps($day, FeltLoad::of(0.72 * exp(0.008 * $week)), 5, 0));
    }
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
