<?php

declare(strict_types=1);

use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\Observation;
use SteadyRung\Strength\Filter\PacedSet;
use SteadyRung\Strength\Filter\SetFall;

function paced(float $atS, float $reps, ?int $reserve = 0): PacedSet
{
    return new PacedSet($atS, Observation::reps(0, FeltLoad::of(0.6, 0.0, 'band'), (int) round($reps), $reserve));
}

/** Counts of sets to failure of somebody who falls so much a set, resting so long, from ten reps fresh. */
function fallingDay(float $fall, float $restS, int $sets = 4): array
{
    $day = [];
    $tired = 0.0;
    for ($i = 0; $i < $sets; $i++) {
        $capacity = 0.6 * (1.0 + 9.5 / 27.0) * (1.0 - $fall * $tired);
        $day[] = paced($i * $restS, floor(1.0 + 27.0 * ($capacity / 0.6 - 1.0)));
        $tired = ($tired + 1.0) * exp(-$restS / 90.0);
    }

    return $day;
}

it('believes the usual fall of somebody nobody saw tire', function () {
    $fall = SetFall::ofAnybody();

    expect($fall->perSet)->toBe(0.03)->and(SetFall::learned([])->perSet)->toEqualWithDelta(0.03, 1e-12)
        ->and($fall->low80())->toBeLessThan(0.03)->and($fall->high80())->toBeGreaterThan(0.03);
});

it('learns from later sets who falls more and who falls less, and is surer for it', function () {
    $hard = SetFall::learned(array_fill(0, 12, fallingDay(0.08, 60.0)));
    $easy = SetFall::learned(array_fill(0, 12, fallingDay(0.005, 60.0)));

    expect($hard->perSet)->toBeGreaterThan(0.05)->and($easy->perSet)->toBeLessThan(0.02)
        ->and($hard->sd)->toBeLessThan(SetFall::ofAnybody()->sd)
        ->and($hard->low80())->toBeLessThan(0.08)->and($hard->high80())->toBeGreaterThan(0.07);
});

it('learns nothing of one set a day, of bounds, and of another load', function () {
    $other = new PacedSet(60.0, Observation::reps(0, FeltLoad::of(0.9, 0.0, 'strict'), 1, 0));

    expect(SetFall::learned([[paced(0.0, 9)]])->perSet)->toEqualWithDelta(0.03, 1e-12)
        ->and(SetFall::learned([[paced(0.0, 9), paced(60.0, 5, null)]])->perSet)->toEqualWithDelta(0.03, 1e-12)
        ->and(SetFall::learned([[paced(0.0, 9), $other]])->perSet)->toEqualWithDelta(0.03, 1e-12);
});

it('loses more with less rest, with more sets and with less in reserve, and all comes back', function () {
    $fall = SetFall::ofAnybody();
    [$first, , $third] = $fall->over(3, 60.0, 0);

    expect($first)->toBe(1.0)
        ->and($third)->toBeLessThan($fall->over(3, 180.0, 0)[2])
        ->and($third)->toBeLessThan($fall->over(3, 60.0, 5)[2])
        ->and($fall->over(3, 60.0, 5)[1])->toEqualWithDelta(1.0 - 0.4 * (1.0 - $fall->over(3, 60.0, 0)[1]), 1e-12)
        ->and($fall->left([paced(0.0, 8), paced(60.0, 8)], 120.0))->toEqualWithDelta($third, 1e-12)
        ->and($fall->left([paced(0.0, 8)], 7200.0))->toEqualWithDelta(1.0, 1e-12);
});
