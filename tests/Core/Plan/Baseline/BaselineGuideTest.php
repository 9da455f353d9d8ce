<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Plan\Baseline\BaselineDone;
use SteadyRung\Plan\Baseline\BaselineGuide;
use SteadyRung\Plan\Baseline\BaselineLine;
use SteadyRung\Plan\Baseline\BaselineState;
use SteadyRung\Plan\Baseline\BaselineStep;
use SteadyRung\Safety\Limit;
use SteadyRung\Safety\Limits;
use SteadyRung\Strength\Estimate;

function guide(?float $capacity = null, ?Limits $limits = null): BaselineGuide
{
    $pull = $capacity === null ? Estimate::ofAnybody(0) : estimateOf($capacity);

    return new BaselineGuide(new RungSearch(hugeKit(), $limits), athlete(), $pull, Estimate::ofAnybody(0));
}

/** @param  list<BaselineLine>  $lines */
function nextOf(array $lines): ?BaselineLine
{
    return array_values(array_filter($lines, static fn (BaselineLine $l): bool => $l->state === BaselineState::Next))[0] ?? null;
}

function held(HoldAt $at, float $seconds): BaselineDone
{
    return new BaselineDone($at === HoldAt::Hang ? null : Exercise::of(new StrictPull, Movement::Hold, $at, 10.0), null, $seconds);
}

const HELD = [HoldAt::Hang, HoldAt::ActiveHang, HoldAt::Top];

it('leads from a hang to the last pull, each set-up chosen for the reps it is to show', function (): void {
    $done = array_map(static fn (HoldAt $at): BaselineDone => held($at, 20.0), HELD);
    $steps = [];
    while (($next = nextOf(guide(0.98)->lines($done))) !== null) {
        $steps[] = $next->step;
        $done[] = new BaselineDone($next->rung->exercise, $next->step->isTimed() ? 1 : 7, $next->rung->exercise->style->seconds);
        if ($next->step === BaselineStep::Band || $next->step === BaselineStep::SecondBand) {
            expect(estimateOf(0.98)->onRung($next->rung)->median())->toEqualWithDelta($next->step === BaselineStep::Band ? 8.0 : 4.0, 1.5);
        }
    }

    expect($steps)->toBe([
        BaselineStep::Lowering,
        BaselineStep::Row,
        BaselineStep::Band,
        BaselineStep::SecondBand,
        BaselineStep::ChinUp,
        BaselineStep::PullUp,
    ])
        ->and($done[5]->exercise->work())->not->toBe($done[6]->exercise->work());
});

it('begins where it was left, and says of each step how it stands', function (): void {
    $lines = guide()->lines([held(HoldAt::Hang, 31.0)]);

    expect(nextOf($lines)->step)->toBe(BaselineStep::ActiveHang)
        ->and([$lines[0]->state, $lines[0]->said])->toBe([BaselineState::Done, '31 s'])
        ->and(array_unique(array_map(static fn (BaselineLine $l): string => $l->state->value, array_slice($lines, 2))))->toBe(['later']);
});

it('passes over what makes no sense, and says why', function (array $done, ?float $capacity, BaselineStep $step, string $why): void {
    $passed = [];
    while (($next = nextOf($lines = guide($capacity)->lines($done, $passed))) !== null) {
        $passed[] = $next->step;
    }
    $line = array_values(array_filter($lines, static fn (BaselineLine $l): bool => $l->step === $step))[0];

    expect($line->state)->toBe(BaselineState::PassedOver)->and($line->said)->toContain($why);
})->with(fn () => [
    'a short hang' => [[held(HoldAt::Hang, 3.0)], 0.98, BaselineStep::Band, 'the grip comes first'],
    'a lowering nobody can control' => [[], 0.7, BaselineStep::Lowering, 'Control is not predicted yet.'],
    'a try without a chance' => [[], 0.7, BaselineStep::PullUp, 'Not yet: hardly ever'],
    'a second load without a first' => [[], 0.98, BaselineStep::SecondBand, 'Without a first load'],
    'a top that was not held' => [[held(HoldAt::Top, 0.5)], 1.2, BaselineStep::Lowering, 'Nothing to lower from'],
]);

it('takes an easier second load where the first was too much', function (): void {
    $done = [...array_map(static fn (HoldAt $at): BaselineDone => held($at, 20.0), HELD)];
    $first = nextOf(guide(0.8)->lines($done, [BaselineStep::Row, BaselineStep::Lowering]))->rung;
    $second = nextOf(
        guide(0.8)->lines([...$done, new BaselineDone($first->exercise, 2, null)], [BaselineStep::Row, BaselineStep::Lowering]),
    )->rung;

    expect($second->share())->toBeLessThan($first->share());
});

it('takes the second load for four reps from four in the first on, and for ten below', function (): void {
    $done = [...array_map(static fn (HoldAt $at): BaselineDone => held($at, 20.0), HELD)];
    $first = nextOf(guide(0.8)->lines($done, [BaselineStep::Row, BaselineStep::Lowering]))->rung;
    $shareAfter = fn (int $reps): float => nextOf(
        guide(0.8)->lines([...$done, new BaselineDone($first->exercise, $reps, null)], [BaselineStep::Row, BaselineStep::Lowering]),
    )->rung->share();

    expect($shareAfter(4))->toBe($shareAfter(12))->toBeGreaterThan($shareAfter(3))->and($shareAfter(3))->toBe($shareAfter(1));
});

it('keeps to the limits of the screen', function (): void {
    $lines = guide(0.98, Limits::of([Limit::NoHanging]))->lines([]);

    expect(nextOf($lines)->step)->toBe(BaselineStep::Row)
        ->and($lines[0]->said)->toBe('The screen says: no hanging.')
        ->and(nextOf($lines)->rung->exercise->setup->isPlain())->toBeTrue();
});
