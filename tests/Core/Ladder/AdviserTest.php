<?php

declare(strict_types=1);

use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Plate;
use SteadyRung\Kit\RingPair;
use SteadyRung\Ladder\Advice;
use SteadyRung\Ladder\Adviser;
use SteadyRung\Ladder\SteadyLadder;

function advised(Kit $kit, Body $body, Lane $lane, float $from, float $to): ?Advice
{
    $search = new RungSearch($kit);
    $through = fn (array $rungs): SteadyLadder => SteadyLadder::through($rungs, $from, $to);

    return (new Adviser($search, $body))->advise($lane, $through($search->lane($lane, $body)), $through);
}

it('names the band that would cut the largest step most, and to what it really cuts it', function (): void {
    $kit = Kit::of([Bar::of('a', 'Bar', 2.5), band(64, 0.96, 'thick')]);
    $body = athlete(70, 1.75, 2.107);
    $advice = advised($kit, $body, Lane::Pull, 0.4, 1.0);

    preg_match('/^A (\d+) mm band would cut the largest step from (\d+) % to (\d+) %\.$/', $advice->text, $words);
    expect($words)->toHaveCount(4);
    $with = $kit->with(LoopBand::of('advice', 'advice', 0.96, (float) $words[1], 4.5));
    expect(
        SteadyLadder::through((new RungSearch($with))->lane(Lane::Pull, $body), 0.4, 1.0)->largestStep,
    )->toEqualWithDelta($advice->largestStep, 1e-9);
    foreach ([13, 22, 32, 44, 64] as $mm) {
        $other = $kit->with(LoopBand::of('advice', 'advice', 0.96, $mm, 4.5));
        expect(
            SteadyLadder::through((new RungSearch($other))->lane(Lane::Pull, $body), 0.4, 1.0)->largestStep,
        )->toBeGreaterThanOrEqual($advice->largestStep - 1e-9);
    }
});

it('asks for a measurement where nothing bought would help: the band, then the reach', function (): void {
    $bands = array_map(fn (int $mm) => LoopBand::of("e$mm", "Tag $mm", 0.96, $mm, 4.5), [8, 13, 16, 22, 28, 32, 38, 44, 50, 64]);
    $estimated = advised(Kit::of([Bar::of('a', 'Bar', 2.5), ...$bands]), athlete(70, 1.75, 2.107), Lane::Pull, 0.6, 1.0);
    $rings = Kit::of([RingPair::of('r', 'Rings', 2.4, [1.5]), Plate::of('p', 'Plate', 0.05)]);
    $reach = advised($rings, athlete(70, 1.75), Lane::Row, 0.35, 0.65);

    expect($estimated->text)->toStartWith('Measure Tag')->and($estimated->largestStep)->toBeNull()
        ->and($reach?->text ?? 'Measure the reach')->toContain('reach');
});
