<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

use SteadyRung\Plan\Diary\NoCount;

/**
 * A rep of a drawn set as it truly is: its edges at 5 and 95 % of its own way, in s; a let-go ends on top.
 */
final readonly class DrawnRep
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
