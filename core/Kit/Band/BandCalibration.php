<?php

declare(strict_types=1);

namespace SteadyRung\Kit\Band;

/**
 * A band's curve, and how well it is known: from its size alone, from one length, or from readings far enough apart.
 */
final readonly class BandCalibration
{
    private const LARGEST_MISS = 0.15;

    /** Readings closer together than this in stretch count as one. */
    public const APART = 0.4;

    /** Where bands are used, as stretch, where no body is given. */
    public const USED = [1.4, 2.5];

    /** Of the force, where only the size is known (common practice). */
    private const ESTIMATED_SD = 0.30;

    /** Over the used stretch the law itself errs by 5–9 % (Treloar 1944; memory): this much at stretch 3.0, growing from 2.5. */
    private const LAW_SD = 0.07;

    private const LAW_SD_AT = 3.0;

    private function __construct(public RubberLaw $law, public CurveStatus $status, private ?BandFit $fit)
    {
    }

    /**
     * The curve through the points.
     *
     * @param  list<CalibrationPoint>  $points
     *
     * @throws BadCalibration if a point is slack, the fit misses one by over 15 %, or the force does not grow with stretch
     */
    public static function of(RubberLaw $fromSize, array $points): self
    {
        if ($points === []) {
            return new self($fromSize, CurveStatus::Estimated, null);
        }
        $hungM = $fromSize->hungLengthM;
        foreach ($points as $i => $point) {
            if ($point->lengthM <= $hungM) {
                throw BadCalibration::notStretched($i, $point, $hungM);
            }
        }
        $stretches = array_map(static fn (CalibrationPoint $p): float => $p->lengthM / $hungM, $points);
        $fit = BandFit::through($hungM, $points);
        self::refuseAbsurd($fit->law, $fromSize, $points, max(self::USED[1], ...$stretches));

        return new self($fit->law, self::status($stretches), $fit);
    }

    /** Standard deviation in N of the force at a length. */
    public function sdNAt(float $lengthM): float
    {
        $forceN = $this->law->forceN($lengthM);
        if ($this->fit === null) {
            return self::ESTIMATED_SD * $forceN;
        }
        $beyond = max(0.0, ($lengthM / $this->law->hungLengthM - self::USED[1]) / (self::LAW_SD_AT - self::USED[1]));

        return hypot($this->fit->sdNAt($lengthM), self::LAW_SD * $beyond * $forceN);
    }

    /** @param  non-empty-list<float>  $stretches */
    private static function status(array $stretches): CurveStatus
    {
        $inUse = array_filter($stretches, static fn (float $s): bool => $s >= self::USED[0] && $s <= self::USED[1]);

        return $inUse !== [] && max($stretches) - min($stretches) >= self::APART ? CurveStatus::Measured : CurveStatus::OnePoint;
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
