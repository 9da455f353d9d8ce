<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

/**
 * The one purchase or measurement that would make a ladder steadier most.
 */
final readonly class Advice
{
    /** @param  float|null  $largestStep what the largest step would be then; none for a measurement */
    public function __construct(public string $text, public ?float $largestStep)
    {
    }
}
