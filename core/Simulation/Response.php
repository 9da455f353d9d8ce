<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

/**
 * How an athlete's log capacity share answers to training and to time. What a session is worth does not hang on how it went.
 */
interface Response
{
    public function logCapacity(): float;

    /** Days pass; a session of ordinary worth ends them, or none. */
    public function after(int $days, bool $trained): void;
}
