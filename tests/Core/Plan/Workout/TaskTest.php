<?php

declare(strict_types=1);

use SteadyRung\Plan\Workout\Split;
use SteadyRung\Plan\Workout\Task;
use SteadyRung\Plan\Workout\UnreadableTask;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\SetFall;
use SteadyRung\Strength\RepPrediction;

it('reads the task as coaches type it', function (string $typed, array $rounds, string $words): void {
    $task = Task::read($typed);

    expect($task->rounds)->toBe($rounds)->and($task->words())->toBe($words)
        ->and(Task::read($task->words())->rounds)->toBe($rounds);
})->with([
    ['21-15-9 pull-ups', [21, 15, 9], '21-15-9 pulls'],
    ['21 – 15 – 9', [21, 15, 9], '21-15-9 pulls'],
    ['21, 15, 9 thrusters and pull-ups', [21, 15, 9], '21-15-9 pulls'],
    ['5 rounds, 10 pulls', [10, 10, 10, 10, 10], '5 rounds, 10 pulls each'],
    ['5 rounds for time of 10 Pull-Ups', [10, 10, 10, 10, 10], '5 rounds, 10 pulls each'],
    ['5 x 10', [10, 10, 10, 10, 10], '5 rounds, 10 pulls each'],
    ['5×10 chin-ups', [10, 10, 10, 10, 10], '5 rounds, 10 pulls each'],
    ['30 pull-ups for time', [30], '30 pulls'],
    ['  8 reps ', [8], '8 pulls'],
]);

it('refuses what it cannot split, and more than a class does', function (string $typed, string $says): void {
    expect(fn () => Task::read($typed))->toThrow(UnreadableTask::class, $says);
})->with([
    ['', 'Type the pulls'],
    ['pull-ups', 'Type the pulls'],
    ['21-15-9 thrusters', 'Type the pulls'],
    ['5 rounds of squats', 'Type the pulls'],
    ['0 pulls', 'A round has 1 to 100 pulls.'],
    ['101 pulls', 'A round has 1 to 100 pulls.'],
    ['0 rounds, 10 pulls', 'A round has 1 to 100 pulls.'],
    ['21 rounds, 2 pulls', 'At most 20 rounds and 300 pulls in all.'],
    ['4 x 76', 'At most 20 rounds and 300 pulls in all.'],
]);

it('splits each round evenly, the longer sets first, into what is left of somebody after those before', function (): void {
    $likely = fn (float $capacity): RepPrediction => RepPrediction::at(known($capacity, 0.01, form: 0.0), FeltLoad::of(0.7));
    $split = fn (string $task, float $capacity, float $fall = 0.0, int $set = 10): ?array => Split::of(
        Task::read($task),
        $likely($capacity),
        new SetFall($fall, 0.0),
        $set,
    )?->rounds;
    $reps = (int) floor($likely(0.93)->median()) - 2;

    expect($reps)->toBe(7)
        ->and($split('21-15-9', 0.93))->toBe([[7, 7, 7], [5, 5, 5], [5, 4]])
        ->and($split('21-15-9', 1.4))->toBe([[7, 7, 7], [8, 7], [9]])
        ->and($split('21-15-9', 1.4, set: 30))->toBe([[21], [15], [9]])
        ->and($split('3 x 2', 0.93))->toBe([[2], [2], [2]])
        ->and($split('40 pulls', 0.93))->toBeNull()
        ->and($split('10 pulls', 0.72))->toBeNull();
    $tired = $split('5 x 7', 0.93, 0.03);
    expect($tired[0])->toBe([7])->and($tired[4])->toBe([4, 3])->and($split('5 x 7', 0.93))->toBe(array_fill(0, 5, [7]));
});

it('lasts as long as its reps and the rests between its sets', function (): void {
    $split = Split::unforetold(Task::read('10 pulls'), 4);

    expect($split->rounds)->toBe([[4, 3, 3]])->and($split->sets())->toBe(3)->and($split->lastsS())->toBe(80.0);
});
