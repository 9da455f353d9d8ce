<?php

declare(strict_types=1);

namespace SteadyRung\Trace;

use SteadyRung\Plan\Diary\NoCount;

/**
 * A rep as read from a trace, or as it was drawn: its edges at 5 and 95 % of its own way up and down, in s from the first sample.
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

    public function upS(): float
    {
        return $this->topS - $this->startS;
    }

    public function pauseS(): float
    {
        return $this->lowersS - $this->topS;
    }

    public function downS(): float
    {
        return $this->endS - $this->lowersS;
    }
}
