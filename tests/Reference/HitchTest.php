<?php

declare(strict_types=1);

use SteadyRung\Kit\Bar;

/**
 * The hitch goes once round the bar, so each strand gives π times its diameter (geometry). Common practice: from the usual 28 mm to a thick
 * bar of 38 to 44 mm a loop loses 3–5 cm.
 */
it('takes of a loop what coaches find that a thicker bar takes', function (float $mm): void {
    $band = band()->measuredOver(Bar::of('a', 'a', 2.4, null, 28.0));

    expect(-100.0 * $band->over(Bar::of('b', 'b', 2.4, null, $mm))->longerByM())->toBeGreaterThan(3.0)->toBeLessThan(5.1);
})->with([38.0, 41.0, 44.0]);
