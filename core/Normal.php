<?php

declare(strict_types=1);

namespace SteadyRung;

/**
 * The standard normal distribution.
 */
final class Normal
{
    /** 90th percentile: half the width of an 80 % interval in standard deviations. */
    public const Z90 = 1.2815515655446004;

    /** Φ(z), absolute error under 2e-7 (Abramowitz & Stegun 1964, 7.1.26, for erf). */
    public static function cdf(float $z): float
    {
        $x = abs($z) / M_SQRT2;
        $t = 1.0 / (1.0 + 0.3275911 * $x);
        $poly = $t * (0.254829592 + $t * (-0.284496736 + $t * (1.421413741 + $t * (-1.453152027 + $t * 1.061405429))));
        $tail = 0.5 * $poly * exp(-$x * $x);

        return $z >= 0.0 ? 1.0 - $tail : $tail;
    }
}
