<?php

declare(strict_types=1);

use SteadyRung\Method\Outcomes\Followed;
use SteadyRung\Method\Outcomes\Outcome;

/** @return list<Followed> so many who gained so much of log capacity a week */
function followed(int $athletes, float $aWeek, float $weeks = 12.0, int $failed = 0, int $sore = 0): array
{
    return array_fill(0, $athletes, new Followed($weeks, $aWeek * $weeks, 100, $failed, 10, $sore));
}

it('goes from what is known beforehand to what the log says, the more athletes there are', function (): void {
    $gains = array_map(static fn (int $n): float => Outcome::of(followed($n, 0.02))->gain, [0, 1, 10, 1000]);

    expect($gains[0])->toBe(0.006)
        ->and($gains[1])->toBeGreaterThan(0.006)->toBeLessThan(0.01)
        ->and($gains[2])->toBeGreaterThan($gains[1])
        ->and($gains[3])->toEqualWithDelta(0.02, 0.0005)
        ->and(Outcome::of(followed(10, 0.02))->gainSd)->toBeLessThan(Outcome::of(followed(2, 0.02))->gainSd);
});

it('is not yet known below the number that could tell, which falls with the weeks', function (int $athletes, float $weeks, bool $isKnown, string $words): void {
    $outcome = Outcome::of(followed($athletes, 0.01, $weeks));

    expect($outcome->isKnown())->toBe($isKnown)->and($outcome->words())->toBe($words);
})->with([
    [22, 12.0, false, 'Not yet known: it takes 23 athletes of 12 weeks each to tell 0.3 % a week apart; there are 22.'],
    [23, 12.0, true, '23 athletes, 12 weeks each: enough to tell.'],
    [23, 6.0, false, 'Not yet known: it takes 46 athletes of 6 weeks each to tell 0.3 % a week apart; there are 23.'],
    [1, 12.0, false, 'Not yet known: it takes 23 athletes of 12 weeks each to tell 0.3 % a week apart; there is one.'],
    [5, 3.9, false, 'Not yet known: it takes 23 athletes of 12 weeks each to tell 0.3 % a week apart; there are none.'],
]);

it('tells failed sets and soreness near what is usual while few were counted', function (): void {
    [$few, $many] = [Outcome::of(followed(1, 0.01, 12.0, 20, 5)), Outcome::of(followed(50, 0.01, 12.0, 20, 5))];

    expect($few->failed)->toEqualWithDelta((1.0 + 20) / 150, 1e-9)->and($many->failed)->toEqualWithDelta(0.2, 0.005)
        ->and($few->sore)->toEqualWithDelta((2.0 + 5) / 30, 1e-9)->and($many->sore)->toEqualWithDelta(0.5, 0.02);
});
