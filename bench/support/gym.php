<?php

declare(strict_types=1);

use SteadyRung\Kit\Band\CalibrationPoint;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\RingPair;

/** The same gym for all: seven bands, of which the sizes are known and two readings each. */
function benchGym(): Kit
{
    $bands = array_map(static function (int $mm): LoopBand {
        $law = LoopBand::of("b$mm", "$mm mm", 1.0, (float) $mm, 4.5, [])->law;

        return LoopBand::of(
            "b$mm",
            "$mm mm",
            1.0,
            (float) $mm,
            4.5,
            array_map(static fn (float $m): CalibrationPoint => CalibrationPoint::of($m, $law->forceN($m)), [1.5, 2.1]),
        );
    }, [13, 19, 22, 29, 32, 45, 64]);

    return new Kit(
        [Bar::of('high', 'High bar', 2.45), Bar::of('low', 'Low bar', 1.2)],
        $bands,
        [RingPair::of('rings', 'Rings', 2.8, [1.2, 1.4, 1.6])],
        [Box::of('box', 'Box', 0.45)],
    );
}
