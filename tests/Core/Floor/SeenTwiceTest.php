<?php

declare(strict_types=1);

use SteadyRung\Floor\SeenTwice;

it('takes two sets for one where nobody could have rested between them', function (float $apartS, int $restS, bool $is): void {
    expect(SeenTwice::is($apartS, $restS))->toBe($is)->and(SeenTwice::is(-$apartS, $restS))->toBe($is);
})->with([
    'at once' => [0.0, 90, true],
    'just within half of the rest' => [44.9, 90, true],
    'half of the rest' => [45.0, 90, false],
    'just within a minute' => [59.9, 180, true],
    'a minute, however long the rest' => [60.0, 180, false],
    'no rest at all' => [0.0, 0, false],
]);
