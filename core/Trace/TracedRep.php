<?php

declare(strict_types=1);

namespace SteadyRung\Trace;

use SteadyRung\Plan\Diary\NoCount;

/**
 * A rep in a trace: its edges at 5 and 95 % of its own way up and down, in s from the first sample.
 */
final readonly class TracedRep
{
    public function __construct(
        public float $startS,
        public float $topS,
        public float $lowersS,
        public float $endS,
        public ?NoCount $why,
    ) {
    }
}
