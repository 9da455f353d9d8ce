<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Exercise\Choices\PulledDown;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\ExecutionStyle;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\NotDoable;
use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Exercise\Style\UpBy;
use SteadyRung\Exercise\Style\Width;
use SteadyRung\Kit\RingPair;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\Band\Attach;

function inBand(
    Movement $movement = Movement::Full,
    ?HoldAt $at = null,
    ?float $seconds = null,
    Grip $grip = Grip::Over,
    ?UpBy $upBy = null,
): Exercise {
    return Exercise::of(OnBands::of('bar-0', Attach::Foot, ['a']), $movement, $at, $seconds, $grip, upBy: $upBy);
}

it('adds the halves of a pull up to the whole, in a band and in a row', function (): void {
    $row = RingPair::of('r', 'Rings', 2.4, [1.5]);
    $kit = kit(['a' => 29])->with($row);
    foreach (
        [OnBands::of('bar-0', Attach::Foot, ['a']), OnBands::of('bar-0', Attach::Knee, ['a']), InRow::onRings('r', 1.5, -0.3)] as $setup
    ) {
        $mean = fn (Movement $m): float => rung($kit, Exercise::of($setup, $m))->load->meanN;
        expect(($mean(Movement::LowerHalf) + $mean(Movement::UpperHalf)) / 2)->toEqualWithDelta($mean(Movement::Full), 1e-9);
    }
});

it('lowers with the whole force of the band, and holds with the force of the place', function (): void {
    $kit = kit(['a' => 29]);
    $full = rung($kit, inBand())->load;
    $lowering = rung($kit, inBand(Movement::Lowering, seconds: 5.0))->load;

    expect($lowering->meanN)->toEqualWithDelta($full->meanN, 1e-9)->and($lowering->effectiveShare())->toBeLessThan($full->effectiveShare())
        ->and(rung($kit, inBand(Movement::Hold, HoldAt::Top, 10.0))->load->meanN)->toEqualWithDelta($full->topN, 1e-9)
        ->and(rung($kit, inBand(Movement::Hold, HoldAt::Hang, 10.0))->load->meanN)->toEqualWithDelta($full->bottomN, 1e-9)
        ->and(rung($kit, Exercise::of(new StrictPull, Movement::Lowering, seconds: 5.0))->load->effectiveShare())->toBe(1.0);
});

it('changes no load with the grip or the width, but tracks them apart', function (): void {
    $kit = kit(['a' => 29]);
    $keys = [];
    foreach (Grip::cases() as $grip) {
        foreach (Width::cases() as $width) {
            $exercise = Exercise::of(OnBands::of('bar-0', Attach::Foot, ['a']), grip: $grip, width: $width);
            expect(rung($kit, $exercise)->load)->toEqual(rung($kit, inBand())->load);
            $keys[] = $exercise->key();
        }
    }
    expect(array_unique($keys))->toHaveCount(count($keys))->and(inBand()->key())->toBe('band:foot:bar-0:a');
});

it('speaks of a capacity where a whole pull was pulled, or a part of strength held or let down', function (
    Exercise $exercise,
    ?Pattern $pattern,
    Lane $lane,
): void {
    expect($exercise->pattern())->toBe($pattern)->and($exercise->lane())->toBe($lane);
})->with(fn () => [
    [inBand(), Pattern::Pull, Lane::Pull],
    [inBand(grip: Grip::Under), Pattern::Chin, Lane::Pull],
    [inBand(upBy: UpBy::Foot), null, Lane::Pull],
    [inBand(Movement::LowerHalf), null, Lane::Pull],
    [inBand(Movement::Lowering, seconds: 5.0), Pattern::Pull, Lane::Seconds],
    [Exercise::of(new StrictPull, Movement::Hold, HoldAt::Top, 8.0, Grip::Under), Pattern::Chin, Lane::Seconds],
    [Exercise::of(new StrictPull, Movement::Hold, HoldAt::Hang, 20.0), null, Lane::Seconds],
    [Exercise::of(InRow::onBar('bar-0', 0.8), grip: Grip::Under), Pattern::Row, Lane::Row],
    [Exercise::of(PulledDown::of('cable', 30)), Pattern::PullDown, Lane::PullDown],
]);

it('refuses what a set-up does not allow, naming what it does', function (Closure $make, string $words): void {
    expect($make)->toThrow(NotDoable::class, $words);
})->with(fn () => [
    [fn () => Exercise::of(PulledDown::of('cable', 30), Movement::Lowering, seconds: 5.0), 'Allowed: full, lower-half, upper-half'],
    [fn () => Exercise::of(new StrictPull, Movement::Lowering), 'how many seconds'],
    [fn () => Exercise::of(new StrictPull, seconds: 5.0), 'Only a lowering and a hold'],
    [fn () => Exercise::of(new StrictPull, Movement::Hold, null, 5.0), 'where it is held'],
    [fn () => Exercise::of(new StrictPull, Movement::Full, HoldAt::Top), 'Only a hold has a place'],
]);

it('asks lowerings for a minute at most, holds for ten', function (): void {
    expect(fn () => inBand(Movement::Lowering, seconds: 61.0))->toThrow(OutOfRange::class, 'seconds')
        ->and(inBand(Movement::Hold, HoldAt::Hang, 600.0)->style->seconds)->toBe(600.0);
});

it('allows the whole pull on every kind, and what it allows can be made and has a name', function (): void {
    foreach (ChoiceKind::cases() as $kind) {
        expect($kind->movements())->toContain(Movement::Full);
        foreach ($kind->movements() as $movement) {
            foreach ($kind->grips() as $grip) {
                foreach ($kind->waysUp($movement) as $upBy) {
                    $style = ExecutionStyle::of(
                        $kind,
                        $movement,
                        $movement === Movement::Hold ? HoldAt::Top : null,
                        $movement->isTimed() ? 5.0 : null,
                        $grip,
                        Width::Narrow,
                        $upBy,
                    );
                    expect($style->isDoableOn($kind))->toBeTrue();
                }
            }
        }
    }
});

it('is named as coaches name it', function (Exercise $exercise, string $name): void {
    expect($exercise->name(kit(['a' => 29])))->toBe($name);
})->with(fn () => [
    [Exercise::of(new StrictPull), 'Unassisted pull-up'],
    [Exercise::of(new StrictPull, grip: Grip::Under, width: Width::Narrow), 'Unassisted chin-up, narrow'],
    [Exercise::of(new StrictPull, upBy: UpBy::Foot), 'Unassisted pull-up, feet up, none down'],
    [Exercise::of(new StrictPull, Movement::Hold, HoldAt::ActiveHang, 30.0), 'Active hang, 30 s'],
    [inBand(Movement::Lowering, seconds: 5.0, grip: Grip::Under), 'Lowering, 5 s, a, foot, Bar 0, under grip'],
    [inBand(Movement::LowerHalf), 'Lower half, a, foot, Bar 0'],
]);

it('goes to another set-up in the same manner, or as the whole pull where that does not allow it', function (): void {
    $chin = inBand(grip: Grip::Under);

    expect($chin->on(new StrictPull)->key())->toBe('strict|under')
        ->and(inBand(Movement::Lowering, seconds: 5.0)->on(PulledDown::of('cable', 30))->key())->toBe('pulldown:cable:30.00');
});
