<?php

declare(strict_types=1);

namespace SteadyRung\Call;

use SteadyRung\Ladder\Rung;
use SteadyRung\Safety\Caution;

/**
 * What to do next time, and why.
 */
final readonly class Call
{
    /**
     * @param  Rung|null  $next  the exact next set-up; none while pulling is paused
     * @param  float|null  $chance  of the floor reps on it
     * @param  list<string>  $reasons
     * @param  list<string>  $missing  what would change the call
     * @param  list<Rung>  $between  set-ups inside a step that is too large
     * @param  list<Caution>  $cautions
     */
    public function __construct(
        public Verdict $verdict,
        public string $rule,
        public ?Rung $next,
        public array $reasons,
        public Confidence $confidence,
        public ?float $chance = null,
        public array $missing = [],
        public array $between = [],
        public ?MixedSet $mixed = null,
        public array $cautions = [],
    ) {
    }
}
