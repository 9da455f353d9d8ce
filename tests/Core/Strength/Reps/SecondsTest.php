<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\Choice;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Strength\Reps\Endurance;
use SteadyRung\Strength\Reps\Seconds;

/** Seconds of an exercise for somebody of a capacity, in a kit of one band. */
function secondsOf(Exercise $exercise, float $capacity, float $spread = 0.05): ?Seconds
{
    return estimateOf($capacity, $spread)->secondsOn(rung(kit(['a' => 29]), $exercise));
}

function timedOn(Choice $setup, Movement $movement = Movement::Lowering): Exercise
{
    return Exercise::of($setup, $movement, $movement === Movement::Hold ? HoldAt::Top : null, 5.0);
}

it('expects more seconds of the stronger, of less load, and of a lowering than of a hold', function (): void {
    $band = OnBands::of('bar-0', Attach::Foot, ['a']);
    foreach ([0.7, 0.8, 0.9, 1.0] as $capacity) {
        $lowering = secondsOf(timedOn(new StrictPull), $capacity);
        expect(secondsOf(timedOn(new StrictPull), $capacity + 0.1)->median())->toBeGreaterThanOrEqual($lowering->median())
            ->and(secondsOf(timedOn($band), $capacity)->median())->toBeGreaterThan($lowering->median())
            ->and($lowering->chanceOf(3.0))->toBeGreaterThan(secondsOf(timedOn(new StrictPull, Movement::Hold), $capacity)->chanceOf(3.0));
    }
});

it('brackets its median, widens with what is not known, and gives chances that fall with the seconds asked', function (
    float $capacity,
): void {
    [$sure, $unsure] = [secondsOf(timedOn(new StrictPull), $capacity, 0.02), secondsOf(timedOn(new StrictPull), $capacity, 0.15)];
    expect($sure->low80())->toBeLessThanOrEqual($sure->median())->and($sure->high80())->toBeGreaterThanOrEqual($sure->median())
        ->and($unsure->high80() - $unsure->low80())->toBeGreaterThanOrEqual($sure->high80() - $sure->low80())
        ->and($unsure->median())->toEqualWithDelta($sure->median(), 1e-9);
    $chances = array_map($unsure->chanceOf(...), [1.0, 3.0, 5.0, 12.0, 40.0]);
    $falling = $chances;
    rsort($falling);
    expect($chances)->toBe($falling)->and(min($chances))->toBeGreaterThanOrEqual(0.0)->and(max($chances))->toBeLessThanOrEqual(1.0);
})->with([0.6, 0.8, 1.0, 1.2]);

it('has its median where the chance is one half, and its interval where eight of ten lie', function (): void {
    $seconds = secondsOf(timedOn(new StrictPull), 1.0);
    expect($seconds->chanceOf($seconds->median()))->toEqualWithDelta(0.5, 1e-6)
        ->and($seconds->chanceOf($seconds->low80()))->toEqualWithDelta(0.9, 1e-6)
        ->and($seconds->chanceOf($seconds->high80()))->toEqualWithDelta(0.1, 1e-6);
});

it('lets nobody begin who is not likely to last three seconds', function (): void {
    $controlled = array_map(
        fn (int $percent): bool => secondsOf(timedOn(new StrictPull), $percent / 100)->isControlled(),
        range(50, 130, 5),
    );
    $first = array_search(true, $controlled, true);
    expect($first)->toBeGreaterThan(0)->and(array_unique(array_slice($controlled, (int) $first)))->toBe([true])
        ->and(secondsOf(timedOn(new StrictPull), (50 + 5 * $first) / 100)->chanceOf(3.0))->toBeGreaterThanOrEqual(0.8);
});

it('says nothing of what is not timed, of hangs, and of somebody unknown', function (): void {
    expect(secondsOf(Exercise::of(new StrictPull), 1.0))->toBeNull()
        ->and(secondsOf(Exercise::of(new StrictPull, Movement::Hold, HoldAt::Hang, 30.0), 1.0))->toBeNull()
        ->and(estimateOf(null)->secondsOn(rung(kit(['a' => 29]), timedOn(new StrictPull))))->toBeNull();
});

it('turns seconds into a part of strength and back', function (): void {
    foreach ([1.0, 3.0, 10.0, 30.0, 120.0, 400.0] as $seconds) {
        expect(Endurance::seconds(Endurance::partFor($seconds)))->toEqualWithDelta($seconds, 1e-6 * $seconds);
    }
    expect(Endurance::seconds(3.0))->toBe(0.0)->and(Endurance::seconds(0.1))->toBeGreaterThan(600.0);
});

it('is offered on every rung that is timed', function (): void {
    $timed = (new RungSearch(kit(['a' => 29])))->timed(athlete());
    $known = array_filter($timed, fn (Rung $r): bool => estimateOf(1.0)->secondsOn($r) !== null);
    expect(count($timed))->toBeGreaterThan(8)
        ->and(array_filter($timed, fn (Rung $r): bool => ! $r->exercise->style->movement->isTimed()))->toBe([])
        ->and(count($known))->toBe(count(array_filter($timed, fn (Rung $r): bool => $r->exercise->style->at?->isGrip() !== true)));
});

it('lets somebody begin with lowering who lasts three seconds four times in five', function (): void {
    $seen = [];
    foreach (range(60, 140) as $percent) {
        $seconds = secondsOf(timedOn(new StrictPull), $percent / 100, 0.02);
        $seen[$is = $seconds?->isControlled() === true] = true;
        expect($is)->toBe($seconds?->chanceOf(3.0) >= 0.8);
    }
    expect($seen)->toHaveCount(2);
});
