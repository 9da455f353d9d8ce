<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\ExecutionStyle;
use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Exercise\Style\UpBy;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Strength\Filter\FeltLoad;

it('counts strict reps of the whole pull by the arms alone, over every movement, grip and way up', function (): void {
    foreach (ChoiceKind::Strict->movements() as $movement) {
        foreach (ChoiceKind::Strict->grips() as $grip) {
            foreach (ChoiceKind::Strict->waysUp($movement) as $upBy) {
                foreach ([0.8, 1.0, 1.1] as $share) {
                    $style = ExecutionStyle::of(
                        ChoiceKind::Strict,
                        $movement,
                        $movement === Movement::Hold ? HoldAt::Top : null,
                        $movement->isTimed() ? 3.0 : null,
                        $grip,
                        upBy: $upBy,
                    );
                    $done = new Done(1, Purpose::Work, ChoiceKind::Strict, $style, $share, FeltLoad::of($share), reps: 4);
                    $isStrict = $movement === Movement::Full && $upBy === UpBy::Pull && $grip !== Grip::Under && $share >= 1.0;
                    expect($done->strictReps())->toBe($isStrict ? 4 : 0);
                }
            }
        }
    }
});

it('counts nothing for strict or for a gate that was done at home, but counts it as hard', function (): void {
    $style = ExecutionStyle::of(ChoiceKind::Strict, Movement::Full);
    $done = static fn (Purpose $purpose): Done => new Done(1, $purpose, ChoiceKind::Strict, $style, 1.0, FeltLoad::of(1.0), reps: 4, reserve: 0);

    expect($done(Purpose::Work)->strictReps())->toBe(4)->and($done(Purpose::Home)->strictReps())->toBe(0)
        ->and($done(Purpose::Home)->isHardVertical())->toBeTrue()->and($done(Purpose::Try)->isHardVertical())->toBeFalse();
});

it('is done on a rung that is the same in kind, movement, place, grip and share, and on no other', function (): void {
    $rung = bandRung(29);
    $on = fn (mixed ...$other): bool => done(1, $rung, ...['work' => null, ...$other])->isOn($rung);

    expect($on())->toBeTrue()
        ->and($on(kind: ChoiceKind::Foot))->toBeFalse()
        ->and($on(style: ExecutionStyle::of(ChoiceKind::Band, Movement::LowerHalf)))->toBeFalse()
        ->and($on(style: ExecutionStyle::of(ChoiceKind::Band, grip: Grip::Under)))->toBeFalse()
        ->and($on(work: 'another'))->toBeFalse()
        ->and($on(share: $rung->share() + 0.05))->toBeFalse();
});

it('counts a lowering that took exactly as long as was asked', function (float $seconds, int $lowerings): void {
    $lowering = new Done(
        1,
        Purpose::Work,
        ChoiceKind::Strict,
        ExecutionStyle::of(ChoiceKind::Strict, Movement::Lowering, seconds: 3.0),
        1.0,
        FeltLoad::of(1.0),
        reps: 2,
        seconds: $seconds,
    );

    expect($lowering->lowerings())->toBe($lowerings);
})->with([[3.0, 2], [2.9, 0]]);
