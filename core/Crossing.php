<?php

declare(strict_types=1);

namespace SteadyRung;

/**
 * Where a curve crosses zero: inverse quadratic steps where the curve is tame, halves where it is not (Chandrupatla 1997).
 */
final class Crossing
{
    /**
     * Between two points on either side of zero; where both lie on one side, the one that is nearer to it.
     *
     * @param  \Closure(float): float  $curve
     * @param  float  $within  how close
     */
    public static function of(\Closure $curve, float $from, float $to, float $within): float
    {
        [$x1, $x2] = [$from, $to];
        [$f1, $f2] = [$curve($x1), $curve($x2)];
        if ($f1 * $f2 > 0.0) {
            return abs($f2) < abs($f1) ? $x2 : $x1;
        }

        return self::between($curve, $x1, $f1, $x2, $f2, $within);
    }

    /**
     * The same where it is known about where: within reach of a guess if it crosses there, or else anywhere between the two.
     *
     * @param  \Closure(float): float  $curve
     */
    public static function near(\Closure $curve, float $guess, float $reach, float $from, float $to, float $within): float
    {
        [$x1, $x2] = [max($from, min($to, $guess - $reach)), max($from, min($to, $guess + $reach))];
        [$f1, $f2] = [$curve($x1), $curve($x2)];

        return $f1 * $f2 > 0.0 ? self::of($curve, $from, $to, $within) : self::between($curve, $x1, $f1, $x2, $f2, $within);
    }

    /** @param  \Closure(float): float  $curve */
    private static function between(\Closure $curve, float $x1, float $f1, float $x2, float $f2, float $within): float
    {
        [$x3, $f3] = [$x1, $f1];
        $part = 0.5;
        while (true) {
            [$best, $left] = abs($f1) < abs($f2) ? [$x1, $f1] : [$x2, $f2];
            $least = ($within + 2.0 * PHP_FLOAT_EPSILON * abs($best)) / max(PHP_FLOAT_MIN, abs($x2 - $x1));
            if ($left === 0.0 || $least >= 0.5) {
                return $best;
            }
            $x = $x1 + max($least, min(1.0 - $least, $part)) * ($x2 - $x1);
            $f = $curve($x);
            [$x3, $f3, $x2, $f2] = ($f > 0.0) === ($f1 > 0.0) ? [$x1, $f1, $x2, $f2] : [$x2, $f2, $x1, $f1];
            [$x1, $f1] = [$x, $f];
            $part = self::quadraticPart($x1, $f1, $x2, $f2, $x3, $f3) ?? 0.5;
        }
    }

    /** How far from the first point to the second an inverse quadratic through all three crosses; none where it cannot be trusted. */
    private static function quadraticPart(float $x1, float $f1, float $x2, float $f2, float $x3, float $f3): ?float
    {
        [$xi, $phi] = [($x1 - $x2) / ($x3 - $x2), ($f1 - $f2) / ($f3 - $f2)];

        return $phi ** 2 < $xi && (1.0 - $phi) ** 2 < 1.0 - $xi
            ? $f1 / ($f2 - $f1) * $f3 / ($f2 - $f3) + ($x3 - $x1) / ($x2 - $x1) * $f1 / ($f3 - $f1) * $f2 / ($f3 - $f2)
            : null;
    }
}
