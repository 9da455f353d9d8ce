<?php

declare(strict_types=1);

use SteadyRung\Body\Body;
use SteadyRung\Body\Proportions;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Setup\Band\BandHelp;
use SteadyRung\Setup\BandHazard;
use SteadyRung\Setup\Mount;
use SteadyRung\Setup\Warning;

function hazard(LoopBand $band, Body $body, float $barM = 2.6): BandHazard
{
    $help = BandHelp::of($barM, Attach::Foot, [$band]);

    return BandHazard::of(($hang = $help->lengths($body))->bottomN(), $hang->bottomSdN(), $hang->storedJ(), $help->mount($body), $body);
}

it('knows the box one steps in from, and what holds the band at the thigh', function (float $barM): void {
    $body = athlete();
    $mount = BandHelp::of($barM, Attach::Foot, [$band = band(44)])->mount($body);
    $thighM = $body->heightM((Proportions::HIP_HEIGHT + Proportions::KNEE_HEIGHT) / 2.0);
    expect($mount->boxM)->toEqualWithDelta(max(0.0, $barM - $body->reachM), 1e-12)
        ->and($mount->handKg)->toEqualWithDelta($band->law->forceN($barM - $mount->boxM - $thighM) / 9.80665, 1e-9);
})->with([2.05, 2.3, 2.6, 3.2]);

it('asks for a partner where one hand cannot hold the band, and for a lower bar where no box is so high', function (): void {
    $mount = fn (float $mm, float $barM): Mount => BandHelp::of($barM, Attach::Foot, [band($mm)])->mount(athlete());
    expect($mount(13, 2.5)->needsPartner())->toBeFalse()->and($mount(83, 2.5)->needsPartner())->toBeTrue()
        ->and($mount(13, 2.5)->isTooHigh())->toBeFalse()->and($mount(13, 5.0)->isTooHigh())->toBeTrue();
});

it('gives lift-off a chance that grows with the band, falls with the body and is sharper the better the band is known', function (): void {
    $guessed = fn (float $mm): LoopBand => LoopBand::of('e', 'e', 1.0, $mm, 4.5);
    $chances = array_map(fn (float $mm): float => hazard($guessed($mm), athlete())->liftOff(), [13, 29, 44, 64, 83]);
    $growing = $chances;
    sort($growing);
    expect($chances)->toBe($growing)
        ->and(hazard($guessed(64), athlete(90))->liftOff())->toBeLessThan(hazard($guessed(64), athlete(60))->liftOff())
        ->and(hazard(band(44), athlete(60))->liftOff())->toBeLessThan(hazard($guessed(44), athlete(60))->liftOff());
});

it('holds the energy that stretching it took', function (): void {
    $body = athlete();
    $help = BandHelp::of(2.6, Attach::Foot, [$band = band(44)]);
    $hang = $help->lengths($body);
    $steps = 4000;
    $toM = $hang->paths[0]->bottomM;
    $work = array_sum(array_map(
        fn (int $i): float => $band->law->forceN(1.0 + ($i + 0.5) / $steps * ($toM - 1.0)),
        range(0, $steps - 1),
    )) * ($toM - 1.0) / $steps;
    expect(hazard($band, $body)->recoilJ)->toEqualWithDelta($work, 1e-3 * $work);
});

it('says each hazard with its figure, and nothing of a gentle band', function (): void {
    $texts = implode(' ', array_map(fn (Warning $w): string => $w->text, hazard(band(83), athlete(75))->warnings()));
    expect($texts)->toMatch(
        '/hold \d+ % of bodyweight at the bottom/',
    )->toMatch('/hit hard \(\d+ J\)/')->toMatch('/takes \d+\x{00A0}kg to hold the band/u')
        ->and(hazard(band(13), athlete(75))->warnings())->toBe([]);
});
