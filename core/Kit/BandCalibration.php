<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

/**
 * Fits the rubber law to readings: none → from the size, one length → the usual shape scaled, two or more → both
 * coefficients by linear least squares.
 */
final readonly class BandCalibration
{
    private const LARGEST_MISS = 0.15;

    /** Readings closer together than this in stretch say nothing about the shape. */
    private const SHAPE_SPREAD = 0.05;

    private const USED_STRETCH = 2.5;

    private function __construct(public RubberLaw $law, public CurveStatus $status)
    {
    }

    /**
     * The curve through the points.
     *
     * @param  list<CalibrationPoint>  $points
     *
     * @throws BadCalibration if a point is slack, the fit misses one by over 15 %, or the force does not grow with stretch
     */
    public static function fit(RubberLaw $fromSize, array $points): self
    {
        if ($points === []) {
            return new self($fromSize, CurveStatus::Estimated);
        }
        $hungM = $fromSize->hungLengthM;
        foreach ($points as $i => $point) {
            if ($point->lengthM <= $hungM) {
                throw BadCalibration::notStretched($i, $point, $hungM);
            }
        }
        $stretches = array_map(static fn (CalibrationPoint $p): float => $p->lengthM / $hungM, $points);
        $fit = max($stretches) - min($stretches) < self::SHAPE_SPREAD
            ? new self(self::scaled($hungM, $points), CurveStatus::OnePoint)
            : new self(self::leastSquares($hungM, $points), CurveStatus::Measured);
        self::refuseAbsurd($fit->law, $fromSize, $points, max(self::USED_STRETCH, ...$stretches));

        return $fit;
    }

    /** @param  non-empty-list<CalibrationPoint>  $points */
    private static function scaled(float $hungM, array $points): RubberLaw
    {
        $sf = $ss = 0.0;
        foreach ($points as $point) {
            $shape = RubberLaw::usualShape($point->lengthM / $hungM);
            $sf += $shape * $point->forceN;
            $ss += $shape ** 2;
        }

        return RubberLaw::usual($hungM, $sf / $ss);
    }

    /**
     * Normal equations of two unknowns, solved by Cramer's rule.
     *
     * @param  non-empty-list<CalibrationPoint>  $points
     */
    private static function leastSquares(float $hungM, array $points): RubberLaw
    {
        $uu = $uv = $vv = $uf = $vf = 0.0;
        foreach ($points as $point) {
            $u = RubberLaw::neoHookeanPart($point->lengthM / $hungM);
            $v = RubberLaw::mooneyPart($point->lengthM / $hungM);
            $uu += $u * $u;
            $uv += $u * $v;
            $vv += $v * $v;
            $uf += $u * $point->forceN;
            $vf += $v * $point->forceN;
        }
        $det = $uu * $vv - $uv * $uv;

        return new RubberLaw($hungM, ($uf * $vv - $vf * $uv) / $det, ($uu * $vf - $uv * $uf) / $det);
    }

    /** @param  non-empty-list<CalibrationPoint>  $points */
    private static function refuseAbsurd(RubberLaw $law, RubberLaw $fromSize, array $points, float $usedStretch): void
    {
        $suspect = self::suspect($fromSize, $points);
        $misses = array_map(static fn (CalibrationPoint $p): float => abs($law->forceN($p->lengthM) / $p->forceN - 1.0), $points);
        if (max($misses) > self::LARGEST_MISS) {
            throw BadCalibration::missesPoint($suspect, $points[$suspect], max($misses));
        }
        if (! $law->isIncreasingTo($usedStretch)) {
            throw BadCalibration::notIncreasing($suspect, $points[$suspect]);
        }
    }

    /**
     * The point whose stiffness lies farthest from the median of all, or, of two, from what the size suggests.
     *
     * @param  non-empty-list<CalibrationPoint>  $points
     */
    private static function suspect(RubberLaw $fromSize, array $points): int
    {
        $scales = array_map(
            static fn (CalibrationPoint $p): float => log($p->forceN / RubberLaw::usualShape($p->lengthM / $fromSize->hungLengthM)),
            $points,
        );
        $sorted = $scales;
        sort($sorted);
        $centre = count($points) > 2 ? $sorted[intdiv(count($sorted), 2)] : log($fromSize->a1N);
        $distances = array_map(static fn (float $scale): float => abs($scale - $centre), $scales);

        return (int) array_search(max($distances), $distances, true);
    }
}
