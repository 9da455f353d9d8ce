<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Diary\Diary;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\LoweringDose;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Plan\Session\SessionWriter;

require_once __DIR__.'/../../Support/plan.php';

/** So many lowerings of three seconds each on a day. */
function loweredOn(int $daysAgo, int $reps): Done
{
    $rung = rung(smallGym(), Exercise::of(new StrictPull, Movement::Lowering, seconds: 3.0), athlete(70, 1.75, 2.1));

    return done(WEDNESDAY - $daysAgo, $rung, $reps, null, seconds: 3.0);
}

/**
 * @param  array<int, int>  $reps  by days ago
 * @param  array<int, int>  $soreness  likewise
 */
function doseOf(array $reps, array $soreness = []): LoweringDose
{
    $signals = array_map(static fn (int $ago, int $told): Signal => Signal::of(WEDNESDAY - $ago, $told), array_keys($soreness), $soreness);

    return LoweringDose::of(new Diary(array_map(loweredOn(...), array_keys($reps), $reps), signals: $signals), WEDNESDAY);
}

it('begins at eight lowerings of three seconds, and follows the soreness told one to three days after', function (
    array $reps,
    array $soreness,
    int $lowerings,
): void {
    expect(doseOf($reps, $soreness)->lowerings(3.0))->toBe($lowerings);
})->with([
    'nothing yet' => [[], [], 8],
    'taken well' => [[4 => 8], [2 => 1], 10],
    'as much again' => [[4 => 8], [2 => 3], 8],
    'less after marked soreness' => [[4 => 8], [2 => 4], 5],
    'nobody told' => [[4 => 8], [], 8],
    'the most of what was told' => [[4 => 8], [3 => 1, 1 => 4], 5],
    'too late to be of it' => [[5 => 8], [1 => 5], 8],
    'less was done than asked' => [[4 => 3], [2 => 0], 8],
    'more was done, and taken well' => [[4 => 14], [2 => 0], 17],
    'step by step' => [[8 => 8, 4 => 10], [6 => 1, 2 => 1], 12],
    'begun anew after four weeks' => [[29 => 20], [27 => 0], 8],
]);

it('asks fewer of longer ones', function (): void {
    expect([doseOf([])->lowerings(5.0), doseOf([])->lowerings(30.0)])->toBe([4, 1]);
});

it('is written in the place of what the school asks, said for what it is, and never beyond the caps', function (array $reps, int $most, string $said): void {
    $rung = rung(smallGym(), Exercise::of(new StrictPull, Movement::Lowering, seconds: 3.0), athlete(70, 1.75, 2.1));
    $done = [...sessionsOn(bandRung(13), 4, 8, 2, 20), ...array_map(loweredOn(...), array_keys($reps), $reps)];
    $block = blocksOf(SessionWriter::write(athleteContext($done, 'lowering', $rung, method: smallMethod(8))), SessionPart::Main)[0];

    expect($block->lowerings())->toBeLessThanOrEqual($most)->toBeGreaterThan($most - 3)->and($block->note)->toContain($said);
})->with([
    'first' => [[], 8, 'The method asks 3 × 8. It begins low: 8 lowerings'],
    'after a day of it' => [[9 => 9], 9, '9 lowerings by what was taken well: 27 s last time, soreness after it not told.'],
    'the caps' => [[16 => 14, 9 => 14], 15, 'the caps allow 15 lowerings a session'],
]);
