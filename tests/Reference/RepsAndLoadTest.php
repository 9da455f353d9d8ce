<?php

declare(strict_types=1);

use SteadyRung\Setup\AddedWeight;
use SteadyRung\Strength\Reps\Formula;
use SteadyRung\Strength\Reps\RepCurve;

it('agrees with the NSCA load chart within 2 points to 10 reps', function (): void {
    // NSCA load chart (memory): reps => per cent of the one-rep load.
    $chart = [1 => 100, 2 => 95, 3 => 93, 4 => 90, 5 => 87, 6 => 85, 7 => 83, 8 => 80, 9 => 77, 10 => 75];
    foreach ($chart as $reps => $percent) {
        expect(100 / RepCurve::steady()->ratio($reps))->toEqualWithDelta($percent, 2.0);
    }
});

it('is exactly Epley 1985, L(1 + n/30)', function (float $reps, float $capacity): void {
    expect(RepCurve::of(Formula::Epley)->capacity(60, $reps))->toEqualWithDelta($capacity, 1e-12);
})->with([[3, 66.0], [5, 70.0], [10, 80.0]]);

it('is exactly Brzycki 1993, 36L/(37 − n)', function (float $reps, float $capacity): void {
    expect(RepCurve::of(Formula::Brzycki)->capacity(60, $reps))->toEqualWithDelta($capacity, 1e-12);
})->with([[1, 60.0], [5, 67.5], [10, 80.0]]);

it('lies between Epley and Brzycki over the middle of the range', function (): void {
    foreach ([2, 4, 6, 8, 10] as $reps) {
        $both = [RepCurve::of(Formula::Epley)->ratio($reps), RepCurve::of(Formula::Brzycki)->ratio($reps)];
        expect(RepCurve::steady()->ratio($reps))->toBeGreaterThan(min($both) - 0.01)->toBeLessThan(max($both) + 0.01);
    }
});

it('turns 8 strict reps into 4 to 7 with 4.5 kg on the belt, near 75 kg', function (): void {
    // Common practice among coaches; no single source.
    foreach ([70, 75, 80] as $massKg) {
        $body = athlete($massKg);
        $capacity = RepCurve::steady()->capacity($massKg, 8);
        $load = AddedWeight::of(4.5)->carriedBy($body);
        expect(RepCurve::steady()->repsAt($capacity, $load::kg($load->meanN))->reps)->toBeGreaterThan(4)->toBeLessThan(7);
    }
});
