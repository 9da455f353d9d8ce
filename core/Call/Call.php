<?php

declare(strict_types=1);

namespace SteadyRung\Call;

use SteadyRung\Call\Rules\NearlyFired;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Exercise\Rung;
use SteadyRung\Plan\Session\Line\MixedSet;
use SteadyRung\Safety\Caution;

/**
 * What to do next time, and why.
 */
final readonly class Call
{
    /**
     * @param  Rung|null  $next  the exact next set-up; none while pulling is paused
     * @param  float|null  $chance  of the floor reps on it
     * @param  list<Evidence>  $reasons
     * @param  list<string>  $missing  what would change the call
     * @param  list<Caution>  $cautions
     * @param  list<NearlyFired>  $nearly
     */
    public function __construct(
        public Verdict $verdict,
        public string $rule,
        public ?Rung $next,
        public array $reasons,
        public Confidence $confidence,
        public ?float $chance = null,
        public array $missing = [],
        public ?MixedSet $mixed = null,
        public array $cautions = [],
        public array $nearly = [],
    ) {
    }

    /** @param  list<NearlyFired>  $nearly */
    public function besides(array $nearly): self
    {
        return new self(
            verdict: $this->verdict,
            rule: $this->rule,
            next: $this->next,
            reasons: $this->reasons,
            confidence: $this->confidence,
            chance: $this->chance,
            missing: $this->missing,
            mixed: $this->mixed,
            cautions: $this->cautions,
            nearly: $nearly,
        );
    }
}
