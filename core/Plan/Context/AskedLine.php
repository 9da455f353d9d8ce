<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Context;

use SteadyRung\Method\Prescription;
use SteadyRung\Method\SessionPart;

/**
 * A line that a session is asked to have: as the method has it, and as the coach wants it.
 */
final readonly class AskedLine
{
    public SessionPart $part;

    /** @param  Prescription|null  $school  none where the coach added it */
    public function __construct(public ?Prescription $school, public Prescription $line, public ?LineChange $change = null)
    {
        $this->part = $line->part;
    }

    public function key(): string
    {
        return $this->change->line ?? $this->line->key();
    }

    public function isLeftOut(): bool
    {
        return $this->change?->isLeftOut === true;
    }
}
