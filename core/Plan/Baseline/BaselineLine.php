<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Baseline;

use SteadyRung\Exercise\Rung;

/**
 * A step of a baseline: what was done, what comes with its set-up, or why it is passed over.
 */
final readonly class BaselineLine
{
    /** @param  Rung|null  $rung  what to put the athlete on, where it is next */
    public function __construct(
        public BaselineStep $step,
        public BaselineState $state,
        public ?string $said = null,
        public ?Rung $rung = null,
    ) {
    }
}
