<?php

declare(strict_types=1);

namespace SteadyRung\Floor;

/**
 * What is to be done for an athlete before the class, and why.
 */
final readonly class Concern
{
    public function __construct(public ConcernKind $kind, public string $text)
    {
    }
}
