<?php

declare(strict_types=1);

use SteadyRung\Method\Amount;
use SteadyRung\Method\Measure;
use SteadyRung\Plan\Session\Line\Likely;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\RepPrediction;

it('asks what the line asks while it is likely at all, and what is likely where it is not', function (
    float $share,
    Amount $asked,
    array $written,
): void {
    $likely = Likely::of($asked, RepPrediction::at(known(1.0), FeltLoad::of($share)));

    expect([$likely->low, $likely->high])->toBe($written)->and($likely->measure)->toBe($asked->measure);
})->with([
    'eight where about eight are likely' => [0.79, Amount::of(Measure::Reps, 8, 10), [8, 10]],
    'eight where about six are' => [0.83, Amount::of(Measure::Reps, 8, 10), [4, 8]],
    'eight where about three are' => [0.93, Amount::of(Measure::Reps, 8, 10), [1, 4]],
    'one where none may come' => [1.0, Amount::of(Measure::Reps, 1, 5), [1, 5]],
    'reps in all, as the line has them' => [0.93, Amount::of(Measure::TotalReps, 30), [30, 30]],
]);
