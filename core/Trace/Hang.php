<?php

declare(strict_types=1);

namespace SteadyRung\Trace;

/**
 * From when to when the bar carried somebody, in s from the first sample.
 */
final readonly class Hang
{
    public function __construct(public float $startS, public float $endS)
    {
    }
}
