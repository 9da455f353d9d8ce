<?php

declare(strict_types=1);

namespace SteadyRung\Strength;

use SteadyRung\Normal;

/**
 * What is believed of an athlete's one-rep capacity on a day, as log share of bodyweight, normally distributed.
 */
final readonly class CapacityState
{
    public function __construct(public int $day, public float $meanLog, public float $variance)
    {
    }

    /** Median capacity as a share of bodyweight. */
    public function share(): float
    {
        return exp($this->meanLog);
    }

    /** Lower end of the 80 % interval. */
    public function low80(): float
    {
        return exp($this->meanLog - Normal::Z90 * sqrt($this->variance));
    }

    /** Upper end of the 80 % interval. */
    public function high80(): float
    {
        return exp($this->meanLog + Normal::Z90 * sqrt($this->variance));
    }
}
