<?php

declare(strict_types=1);

use SteadyRung\Method\Accessory;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Measure;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\RepPrediction;

it('asks on another rung for no more than is likely there, and for one at the least', function (Measure $measure, float $share, string $asks): void {
    $block = new Block(SessionPart::Main, Accessory::PushUp, 2, Amount::of($measure, 6, 8), 120);
    $likely = RepPrediction::at(known(0.9, 0.01), FeltLoad::of($share));
    $most = (int) floor($likely->median());

    expect($block->aimOn(null))->toBe($block->aim())
        ->and($asks !== 'likely' || ($most > 1 && $most < $block->aim()))->toBeTrue()
        ->and($block->aimOn($likely))->toBe(['as written' => $block->aim(), 'likely' => $most, 'one' => 1][$asks]);
})->with([
    'lighter' => [Measure::Reps, 0.5, 'as written'],
    'harder' => [Measure::Reps, 0.8, 'likely'],
    'out of reach' => [Measure::Reps, 1.2, 'one'],
    'so many in all' => [Measure::TotalReps, 0.85, 'likely'],
    'seconds are not foretold' => [Measure::Seconds, 1.2, 'as written'],
]);
