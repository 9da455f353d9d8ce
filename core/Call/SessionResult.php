<?php

declare(strict_types=1);

namespace SteadyRung\Call;

/**
 * The clean counts of one session on one set-up, in order.
 */
final readonly class SessionResult
{
    /** @param  non-empty-list<int>  $clean */
    public function __construct(public string $on, public array $clean)
    {
    }

    public function meets(Standard $standard): bool
    {
        return count($this->clean) >= $standard->sets && min($this->clean) >= $standard->gateReps;
    }

    /** Whether not one set came up to the floor. */
    public function fallsShort(Standard $standard): bool
    {
        return max($this->clean) < $standard->floorReps;
    }

    public function counts(): string
    {
        return implode(', ', $this->clean);
    }
}
