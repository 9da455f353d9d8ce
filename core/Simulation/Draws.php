<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Numbers drawn from a seed: the same seed gives the same numbers in the same order.
 */
final readonly class Draws
{
    private const STEPS = 1 << 30;

    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** Above 0, at most 1. */
    public function uniform(): float
    {
        return $this->random->getInt(1, self::STEPS) / self::STEPS;
    }

    /** Standard normal (Box & Muller 1958). */
    public function normal(): float
    {
        $radius = sqrt(-2.0 * log($this->uniform()));

        return $radius * cos(2.0 * M_PI * $this->uniform());
    }

    public function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->uniform();
    }
}
