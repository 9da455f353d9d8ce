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

    private const LOG_ROOT_TWO_PI = 0.9189385332046727;

    /** Below this the tail is a continued fraction; its steps are enough for full precision there. */
    private const TAIL = -4.0;

    private const FRACTION_STEPS = 60;

    /** Φ(z), absolute error under 2e-7 (Abramowitz & Stegun 1964, 7.1.26, for erf). */
    public static function cdf(float $z): float
    {
        $x = abs($z) / M_SQRT2;
        $t = 1.0 / (1.0 + 0.3275911 * $x);
        $poly = $t * (0.254829592 + $t * (-0.284496736 + $t * (1.421413741 + $t * (-1.453152027 + $t * 1.061405429))));
        $tail = 0.5 * $poly * exp(-$x * $x);

        return $z >= 0.0 ? 1.0 - $tail : $tail;
    }

    /** ln φ(z), of a deviation in standard deviations. */
    public static function logDensity(float $z): float
    {
        return -0.5 * $z * $z - self::LOG_ROOT_TWO_PI;
    }

    /** ln Φ(z), with nothing lost in the lower tail, where Φ itself is too small to be a number; relative error under 1e-12. */
    public static function logCdf(float $z): float
    {
        return $z < self::TAIL ? self::logDensity($z) - log(self::tailFraction(-$z)) : log(self::seriesCdf($z));
    }

    /** φ(z)/Φ(z), likewise. */
    public static function hazard(float $z): float
    {
        return $z < self::TAIL ? self::tailFraction(-$z) : exp(self::logDensity($z)) / self::seriesCdf($z);
    }

    /** ½ + φ(z)·(z + z³/3 + z⁵/15 + …) (Marsaglia 2004). */
    private static function seriesCdf(float $z): float
    {
        if ($z > -self::TAIL) {
            return 1.0 - exp(self::logDensity($z)) / self::tailFraction($z);
        }
        $sum = $term = $z;
        for ($i = 3; abs($term) > 1e-17; $i += 2) {
            $sum += $term *= $z * $z / $i;
        }

        return 0.5 + $sum * exp(self::logDensity($z));
    }

    /** φ(x)/(1 − Φ(x)) = x + 1/(x + 2/(x + 3/(x + …))) (Laplace), x > 0. */
    private static function tailFraction(float $x): float
    {
        $fraction = $x;
        for ($i = self::FRACTION_STEPS; $i > 0; $i--) {
            $fraction = $x + $i / $fraction;
        }

        return $fraction;
    }
}
