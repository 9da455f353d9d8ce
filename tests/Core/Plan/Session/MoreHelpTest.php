<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Measure;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\MoreHelp;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\RepPrediction;

/** Bands with what is likely on each, for somebody of this capacity. */
function helpOf(float $capacity): array
{
    return array_map(static function (int $mm) use ($capacity): array {
        $rung = bandRung($mm);

        return [$rung, RepPrediction::at(known($capacity, 0.01), FeltLoad::of($rung->share()))];
    }, [13, 29, 32, 44]);
}

it('calls a set short under six tenths of the fewest reps asked', function (Measure $measure, int $low, ?int $below): void {
    $block = new Block(SessionPart::Main, bandRung(22), 3, Amount::of($measure, $low, $low + 4), 120);
    expect(MoreHelp::shortBelow($block))->toBe($below);
})->with([[Measure::Reps, 8, 5], [Measure::Reps, 10, 6], [Measure::Reps, 1, 1], [Measure::TotalReps, 30, null], [Measure::Seconds, 20, null]]);

it('offers the hardest easier band that is likely to give them, else the next easier, and never one that carries more', function (): void {
    $block = new Block(SessionPart::Main, bandRung(22), 3, Amount::of(Measure::Reps, 8, 12), 120);
    $chance = fn (array $other): float => $other[1]->chanceOf(8.0);
    foreach ([0.5, 0.7, 0.8, 0.9] as $capacity) {
        $others = helpOf($capacity);
        $easier = array_values(array_filter($others, fn (array $o): bool => $o[0]->share() < bandRung(22)->share()));
        $likely = array_values(array_filter($easier, fn (array $o): bool => $chance($o) >= 0.85));
        $shares = array_map(fn (array $o): float => $o[0]->share(), $likely === [] ? $easier : $likely);

        expect(MoreHelp::after($block, $others)?->share())->toBe(max($shares), "capacity $capacity");
    }
    expect(MoreHelp::after($block, array_slice(helpOf(0.8), 0, 1)))->toBeNull();
});

it('offers nothing of another lane or movement', function (): void {
    $block = new Block(SessionPart::Main, bandRung(22), 3, Amount::of(Measure::Reps, 8, 12), 120);
    $row = rung(smallGym(), InRow::onRings('rings', 1.5, 0.3), athlete(70, 1.75, 2.1));
    $lowering = rung(smallGym(), Exercise::of(OnBands::of('high', Attach::Foot, ['b44']), Movement::Lowering, seconds: 5.0), athlete(70, 1.75, 2.1));
    expect($row->share())->toBeLessThan(bandRung(22)->share())->and($lowering->share())->toBeLessThan(bandRung(22)->share())
        ->and(MoreHelp::after($block, [[$row, null], [$lowering, null]]))->toBeNull();
});
