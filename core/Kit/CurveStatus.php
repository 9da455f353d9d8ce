<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

/**
 * How well a band's curve is known.
 */
enum CurveStatus: string
{
    case Estimated = 'estimated';
    case OnePoint = 'one-point';
    case Measured = 'measured';

    /** Relative standard deviation of the force inside the known range. */
    public function relativeSd(): float
    {
        return match ($this) {
            self::Estimated => 0.30,
            self::OnePoint => 0.12,
            self::Measured => 0.04,
        };
    }
}
