<?php

declare(strict_types=1);

namespace SteadyRung\Call\Rules;

use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Call\Verdict;

/**
 * A rule that almost made the call, and what it lacked.
 */
final readonly class NearlyFired
{
    /** @param  list<Evidence>  $evidence */
    public function __construct(public Verdict $verdict, public string $rule, public array $evidence)
    {
    }
}
