<?php

declare(strict_types=1);

use SteadyRung\Strength\Reps\Endurance;

it('holds as long as Rohmert’s curve says, to the second', function (float $part, float $minutes): void {
    // Rohmert 1960 (memory): T = −1.5 + 2.1/x − 0.6/x² + 0.1/x³ min; 6 s at all of one's strength, about a minute at half of it.
    expect(Endurance::seconds($part))->toEqualWithDelta(60 * $minutes, 1e-9);
})->with([[1.0, 0.1], [0.5, 1.1], [0.75, -1.5 + 2.1 / 0.75 - 0.6 / 0.75 ** 2 + 0.1 / 0.75 ** 3], [1.2, 0.0]]);

it('falls all the way, and its inverse gives the seconds back', function (): void {
    $before = INF;
    foreach (range(0.1, 1.05, 0.05) as $part) {
        expect(Endurance::seconds($part))->toBeLessThan($before);
        $before = Endurance::seconds($part);
    }
    foreach ([1.0, 3.0, 5.0, 20.0, 90.0] as $seconds) {
        expect(Endurance::seconds(Endurance::partFor($seconds)))->toEqualWithDelta($seconds, 1e-6);
    }
});
