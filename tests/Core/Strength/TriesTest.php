<?php

declare(strict_types=1);

use SteadyRung\Strength\Tries;
use SteadyRung\Strength\TryPace;

/** @param  list<int>  $missedDaysAgo */
function missed(array $missedDaysAgo): Tries
{
    return new Tries(array_map(fn (int $ago): array => [1000 - $ago, false], $missedDaysAgo));
}

it('tries from a chance on, so many days apart, as the house has it', function (TryPace $pace, float $chance, int $daysAgo, bool $isDue): void {
    expect(missed([$daysAgo])->isDue($chance, $pace, 1000))->toBe($isDue);
})->with([
    'usual' => [TryPace::Usual, 0.15, 5, true],
    'usual, less likely' => [TryPace::Usual, 0.149, 5, false],
    'usual, too soon' => [TryPace::Usual, 0.9, 4, false],
    'rare' => [TryPace::Rare, 0.25, 10, true],
    'rare, less likely' => [TryPace::Rare, 0.249, 10, false],
    'rare, too soon' => [TryPace::Rare, 0.9, 9, false],
    'often' => [TryPace::Often, 0.10, 4, true],
    'often, hardly' => [TryPace::Often, 0.02, 28, true],
    'often, hardly, too soon' => [TryPace::Often, 0.02, 27, false],
    'often, not at all' => [TryPace::Often, 0.019, 300, false],
]);

it('leaves five days more after every sixth miss running, up to four weeks, and none after a rep', function (int $misses, int $days): void {
    expect(TryPace::Usual->daysApart(0.5, $misses))->toBe($days);
})->with([[0, 5], [5, 5], [6, 10], [12, 15], [36, 28], [60, 28]]);

it('asks nobody more than twenty times within a year', function (): void {
    $apart = fn (int $count, int $days): Tries => missed(array_map(fn (int $i): int => $days * $i, range($count, 1)));

    expect($apart(19, 18)->isDue(0.9, TryPace::Usual, 1000))->toBeFalse() // too soon after so many misses
        ->and($apart(19, 18)->with(960, true)->missesRunning())->toBe(0)
        ->and((new Tries(array_map(fn (int $i): array => [1000 - 6 * $i, true], range(20, 1))))->isDue(0.9, TryPace::Usual, 1000))->toBeFalse()
        ->and((new Tries(array_map(fn (int $i): array => [1000 - 6 * $i, true], range(19, 1))))->isDue(0.9, TryPace::Usual, 1000))->toBeTrue()
        ->and((new Tries)->isDue(0.9, TryPace::Usual, 1000))->toBeTrue();
});
