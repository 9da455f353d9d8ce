<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Plan\Diary\Diary;
use SteadyRung\Plan\Diary\LimitingFactor;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Plan\Diary\StickingPoint;
use SteadyRung\Setup\Band\Attach;

require_once __DIR__.'/../../Support/plan.php';

/** @param  list<LimitingFactor>  $told  of the last sessions */
function sticksAt(array $told, int $daysAgo = 3): ?StickingPoint
{
    return StickingPoint::of(new Diary([], signals: array_map(
        static fn (LimitingFactor $f, int $i): Signal => Signal::of(WEDNESDAY - $daysAgo - 3 * $i, limitingFactor: $f),
        $told,
        array_keys($told),
    )), WEDNESDAY);
}

it('knows where the pull fails once it was told twice, lately, and oftener than another place', function (array $told, int $daysAgo, ?LimitingFactor $place): void {
    expect(sticksAt($told, $daysAgo)?->place)->toBe($place);
})->with([
    'once' => [[LimitingFactor::Top], 3, null],
    'twice' => [[LimitingFactor::Top, LimitingFactor::Grip, LimitingFactor::Top], 3, LimitingFactor::Top],
    'two places' => [[LimitingFactor::Top, LimitingFactor::Start, LimitingFactor::Start, LimitingFactor::Top], 3, null],
    'long ago' => [[LimitingFactor::Start, LimitingFactor::Start], 28, null],
    'something else' => [[LimitingFactor::Grip, LimitingFactor::Grip], 3, null],
]);

it('finds help of the same mean at the bottom under the foot, and higher up under the knee', function (): void {
    $body = athlete(70, 1.75, 2.1);
    $foot = rung(smallGym(), OnBands::of('high', Attach::Foot, ['b29']), $body);
    $knee = rung(smallGym(), OnBands::of('high', Attach::Knee, ['b44']), $body);
    [$start, $top] = [sticksAt([LimitingFactor::Start, LimitingFactor::Start]), sticksAt([LimitingFactor::Top, LimitingFactor::Top])];

    expect($start->carries($foot))->toBeLessThan(1.0)->and($top->carries($foot))->toBeGreaterThan(1.0)
        ->and($start->carries($knee) < $start->carries($foot))->not->toBe($top->carries($knee) < $top->carries($foot));
});

it('says the shares along the way in one line, and nothing of an even load', function (): void {
    $top = sticksAt([LimitingFactor::Top, LimitingFactor::Top]);
    $words = $top->words(bandRung(29));
    preg_match_all('/(\d+) %/', (string) $words, $shares);
    [$start, $middle, $end] = array_map(intval(...), $shares[1]);

    expect($words)->toStartWith('The pull fails at the top. This carries ')
        ->and($start < $middle && $middle < $end)->toBeTrue()
        ->and(($start + 4 * $middle + $end) / 6)->toEqualWithDelta(100 * bandRung(29)->share(), 1.0)
        ->and($top->words(rung(smallGym(), new StrictPull, athlete(70, 1.75, 2.1))))->toBeNull();
});
