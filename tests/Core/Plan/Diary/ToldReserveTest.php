<?php

declare(strict_types=1);

use SteadyRung\Plan\Diary\Diary;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\ToldReserve;
use SteadyRung\Simulation\Draws;
use SteadyRung\Simulation\ResponseModel;
use SteadyRung\Simulation\VirtualAthlete;
use SteadyRung\Strength\Filter\SetFall;

require_once __DIR__.'/../../Support/plan.php';

/**
 * Days of two sets on one band: the first ends with so many told to be left, the second at failure.
 *
 * @return list<Done>
 */
function pairs(int $days, int $reps, int $told, int $second, int $restS = 180): array
{
    $sets = [];
    for ($day = $days; $day >= 1; $day--) {
        $sets[] = done(WEDNESDAY - 3 * $day, bandRung(), $reps, $told, atS: 0.0);
        $sets[] = done(WEDNESDAY - 3 * $day, bandRung(), $second, 0, atS: (float) $restS);
    }

    return $sets;
}

function toldOf(array $done): ?ToldReserve
{
    return ToldReserve::of(new Diary($done), SetFall::ofAnybody(), WEDNESDAY);
}

it('speaks up where more was told to be left than the next set shows, often enough', function (array $done, ?string $said): void {
    expect(toldOf($done)?->words())->toBe($said);
})->with(fn () => [
    'three left, one shown' => [pairs(5, 8, 3, 9), 'Says 3 left, shows 1, over 5 sets: what is told of the reserve counts for less here. A set to failure tells more.'],
    'three left, three shown' => [pairs(5, 8, 3, 10), null],
    'three days are chance' => [pairs(3, 8, 3, 9), null],
    'told too low' => [pairs(5, 8, 1, 11), null],
    'no set to failure' => [sessionsOn(bandRung(), 6, 8, 3), null],
]);

it('flags athletes who tell two too many, and hardly anybody who is honest', function (float $bias, float $least, float $most): void {
    $flagged = 0;
    for ($seed = 1; $seed <= 60; $seed++) {
        $athlete = VirtualAthlete::drawn(ResponseModel::SlowDrift, $seed, (new Draws($seed))->between(0.8, 0.95), $bias);
        $share = $athlete->capacityShare() / 1.3;
        $done = [];
        for ($day = 24; $day >= 1; $day--) {
            $athlete->pass(3);
            [$first, $second] = [$athlete->repsToFailure($share, 0), $athlete->repsToFailure($share, 1)];
            $left = $athlete->toldReserve(2, 0);
            $done[] = done(WEDNESDAY - 3 * $day, bandRung(), max(1, $first - 2), $left, atS: 0.0);
            $done[] = done(WEDNESDAY - 3 * $day, bandRung(), max(1, $second), 0, atS: 180.0);
        }
        $flagged += toldOf($done) === null ? 0 : 1;
    }

    expect($flagged / 60)->toBeGreaterThanOrEqual($least)->toBeLessThanOrEqual($most);
})->with([[0.0, 0.0, 0.1], [2.0, 0.8, 1.0]]);
