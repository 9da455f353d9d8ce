<?php

declare(strict_types=1);

use SteadyRung\Drawing\Point;

it('finds where two circles meet, on both of them, left one first', function (): void {
    $from = new Point(0.4, 0.1);
    $to = new Point(-0.2, 2.3);
    $both = $from->meeting(1.4, $to, 1.1);

    expect($both)->not->toBeNull()->and($both[0]->xM)->toBeLessThan($both[1]->xM);
    foreach ($both as $place) {
        expect($place->distanceM($from))->toEqualWithDelta(1.4, 1e-12)->and($place->distanceM($to))->toEqualWithDelta(1.1, 1e-12);
    }
});

it('finds no meeting of circles apart, inside one another, or around one centre', function (float $first, float $second): void {
    expect((new Point(0.0, 0.0))->meeting($first, new Point(1.0, 0.0), $second))->toBeNull();
})->with([[0.4, 0.5], [2.0, 0.5], [0.5, 2.0]]);

it('has no meeting where the centres are one', function (): void {
    expect((new Point(0.0, 0.0))->meeting(1.0, new Point(0.0, 0.0), 1.0))->toBeNull();
});
