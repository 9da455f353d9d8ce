<?php

declare(strict_types=1);

use SteadyRung\Plan\Baseline\BaselineStep;

it('goes from what is held to what is pulled, the last of it strict', function (): void {
    $steps = BaselineStep::cases();
    $timed = array_map(fn (BaselineStep $s): bool => $s->isTimed(), $steps);

    expect(count(array_filter($timed)))->toBe(4)
        ->and($timed)->toBe([...array_fill(0, 4, true), ...array_fill(0, count($steps) - 4, false)])
        ->and($steps[0])->toBe(BaselineStep::Hang)->and(end($steps))->toBe(BaselineStep::PullUp)
        ->and(array_search(BaselineStep::ChinUp, $steps, true))->toBeGreaterThan(array_search(BaselineStep::SecondBand, $steps, true));
});

it('rests before each at least as long as before the one before it', function (): void {
    $rests = array_map(fn (BaselineStep $s): int => $s->restS(), BaselineStep::cases());
    $sorted = $rests;
    sort($sorted);

    expect($rests)->toBe($sorted)->and($rests[0])->toBe(0)->and(end($rests))->toBe(180);
});

it('rests under twenty minutes in all, over nine steps at most', function (): void {
    expect(count(BaselineStep::cases()))->toBeLessThanOrEqual(9)
        ->and(array_sum(array_map(fn (BaselineStep $s): int => $s->restS(), BaselineStep::cases())))->toBe(1110);
});

it('says of each what it is and how it is done, in words of its own', function (): void {
    $titles = array_map(fn (BaselineStep $s): string => $s->title(), BaselineStep::cases());

    expect(array_unique($titles))->toHaveCount(count($titles));
    foreach (BaselineStep::cases() as $step) {
        expect($step->how())->toEndWith('.')->and(mb_strlen($step->how()))->toBeLessThan(120);
    }
});

it('stops each before it hurts: the hand opens, the chin sinks, no clean one is left, a miss does no harm', function (
    BaselineStep $step,
    string $bound,
): void {
    expect($step->how())->toContain($bound);
})->with([
    [BaselineStep::Hang, 'before the hand opens'],
    [BaselineStep::TopHold, 'when the chin sinks'],
    [BaselineStep::Lowering, 'while it is controlled'],
    [BaselineStep::Row, 'no clean one is left'],
    [BaselineStep::Band, 'no clean one is left'],
    [BaselineStep::PullUp, 'a miss does no harm'],
]);
