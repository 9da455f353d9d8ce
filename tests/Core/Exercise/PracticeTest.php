<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\Choice;
use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Practice;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Exercise\Style\UpBy;
use SteadyRung\Setup\Band\Attach;

it('says tempo, rest and two cues of whatever is done on whatever', function (Choice $setup): void {
    foreach ($setup->kind()->movements() as $movement) {
        $exercise = Exercise::of($setup, $movement, $movement === Movement::Hold ? HoldAt::Top : null, $movement->isTimed() ? 5.0 : null);
        $practice = Practice::of($exercise);
        expect($practice->tempo)->not->toBe('')
            ->and($practice->cues)->toHaveCount(2)
            ->and($practice->cues[0])->not->toBe($practice->cues[1])
            ->and($practice->restS[0])->toBeLessThan($practice->restS[1]);
    }
})->with(fn () => [[new StrictPull], [OnBands::of('bar', Attach::Foot, ['a'])], [InRow::onBar('bar', 0.8)]]);

it('rests longer between pulls than between rows', function (): void {
    expect(Practice::of(Exercise::of(InRow::onBar('bar', 0.8)))->restS)->toBe([60, 90])
        ->and(Practice::of(Exercise::of(new StrictPull))->restS)->toBe([120, 180]);
});

it('asks for another tempo where something else is trained', function (): void {
    $tempo = fn (mixed ...$done): string => Practice::of(Exercise::of(new StrictPull, ...$done))->tempo;
    $all = [
        $tempo(),
        $tempo(upBy: UpBy::Foot),
        $tempo(Movement::Lowering, seconds: 5.0),
        $tempo(Movement::Hold, HoldAt::Top, 20.0),
        $tempo(Movement::ShoulderBlade),
    ];
    expect($all[0])->toBe('steady up, two seconds down')->and(array_unique($all))->toHaveCount(count($all));
});
