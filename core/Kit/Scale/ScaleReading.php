<?php

declare(strict_types=1);

namespace SteadyRung\Kit\Scale;

/**
 * One reading off a hanging scale: its number, the scale's own clock in ms, and the force in N.
 */
final readonly class ScaleReading
{
    public function __construct(public int $number, public int $atMs, public float $forceN)
    {
    }
}
