<?php

declare(strict_types=1);

namespace SteadyRung\Call\Situation;

/**
 * One figure a rule looked at, in words, with the threshold it was held against.
 */
final readonly class Evidence
{
    public function __construct(public string $text, public ?float $figure = null, public ?float $threshold = null)
    {
    }
}
