<?php

declare(strict_types=1);

use SteadyRung\OutOfRange;
use SteadyRung\Setup\Band\BandPullDown;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\Misfit;
use SteadyRung\Setup\Stack\Stance;

it('is harder with a thicker band, with two, from a higher anchor, and towards the end of the pull', function (): void {
    $share = fn (float $mm, float $anchorM = 2.4, int $bands = 1): float => BandPullDown::of(
        $anchorM,
        array_map(fn (int $i) => band($mm, 0.6, "b$i"), range(1, $bands)),
    )->carriedBy(athlete())->share();
    expect($share(22))->toBeGreaterThan($share(13))
        ->and($share(13, bands: 2))->toEqualWithDelta(2 * $share(13), 1e-9)
        ->and($share(13, 2.5))->toBeGreaterThan($share(13));
    $load = BandPullDown::of(2.4, [band(22, 0.6)])->carriedBy(athlete());
    expect($load->topN)->toBeGreaterThan($load->meanN)->and($load->meanN)->toBeGreaterThan($load->bottomN);
});

it('asks what the law of the band asks, at both ends and on the way', function (Stance $stance): void {
    $body = athlete();
    $startM = 2.5 - $stance->handsM($body);
    $load = BandPullDown::of(2.5, [$band = band(13, 0.6)], $stance)->carriedBy($body);
    assert($load instanceof CarriedLoad);
    $endM = $startM + $body->pullDistanceM();
    $steps = 2000;
    $mean = array_sum(array_map(
        fn (int $i): float => $band->law->forceN($startM + ($i + 0.5) / $steps * ($endM - $startM)),
        range(0, $steps - 1),
    )) / $steps;
    expect($load->bottomN)->toEqualWithDelta($band->law->forceN($startM), 1e-9)
        ->and($load->topN)->toEqualWithDelta($band->law->forceN($endM), 1e-9)
        ->and($load->meanN)->toEqualWithDelta($mean, 1e-4 * $mean);
})->with([Stance::Seated, Stance::Kneeling]);

it('does not fit where the band hangs slack, is stretched too far, or would lift the athlete', function (): void {
    $misfit = fn (BandPullDown $setup, float $kg = 70): ?Misfit => ($load = $setup->carriedBy(athlete($kg))) instanceof DoesNotFit
        ? $load->misfit
        : null;
    expect($misfit(BandPullDown::of(2.0, [band(22, 1.1)])))->toBe(Misfit::NoHelp)
        ->and($misfit(BandPullDown::of(4.5, [band(22, 0.6)])))->toBe(Misfit::StretchTooHigh)
        ->and($misfit(BandPullDown::of(2.5, [band(83, 0.6), band(83, 0.6, 'b')]), 45))->toBe(Misfit::LiftsOff)
        ->and(fn () => BandPullDown::of(0.2, [band()]))->toThrow(OutOfRange::class, 'anchor_height_m');
});
