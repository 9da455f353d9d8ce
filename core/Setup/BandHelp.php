<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Drawing\SideView;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\CurveStatus;
use SteadyRung\Kit\LoopBand;
use SteadyRung\OutOfRange;
use SteadyRung\Why\Explanation;

/**
 * A pull-up with one or more loop bands hitched over the bar and under the foot or the knee; their forces add.
 */
final readonly class BandHelp implements Setup
{
    public const WARN_STRETCH = 2.5;

    public const MOST_STRETCH = 3.0;

    /** Rubber gives back this part less than it took, on the way up (common practice: 5–10 %). */
    public const HYSTERESIS = 0.07;

    /** Kept free between the foot or knee and the floor. */
    public const CLEARANCE_M = 0.05;

    public const CLEARANCE_RANGE_M = [0.0, 0.5];

    public const MOST_BANDS = 6;

    private const SD_SLICES = 8;

    /** @param  non-empty-list<LoopBand>  $bands */
    private function __construct(
        public float $barHeightM,
        public Attach $attach,
        public array $bands,
        public float $clearanceM,
    ) {
    }

    /**
     * Bands on a bar, one to six of them.
     *
     * @param  list<LoopBand>  $bands
     *
     * @throws OutOfRange if the bar, the clearance or the number of bands is outside its range
     */
    public static function of(float $barHeightM, Attach $attach, array $bands, float $clearanceM = self::CLEARANCE_M): self
    {
        OutOfRange::guard([
            'bar_height_m' => [$barHeightM, Bar::HEIGHT_M],
            'clearance_m' => [$clearanceM, self::CLEARANCE_RANGE_M],
            'bands' => [count($bands), [1.0, (float) self::MOST_BANDS]],
        ]);
        assert($bands !== []);

        return new self($barHeightM, $attach, $bands, $clearanceM);
    }

    public function carriedBy(Body $body): CarriedLoad|DoesNotFit
    {
        $hang = BandHang::of($this, $body);
        if ($hang instanceof DoesNotFit) {
            return $hang;
        }
        $weightN = $body->weightN();
        $meanHelpN = $this->meanHelpN($hang);

        return new CarriedLoad(
            $weightN,
            $weightN - $this->forceN($hang->bottomM),
            $weightN - $meanHelpN,
            $weightN - $this->forceN($hang->topM),
            $weightN - (1.0 - self::HYSTERESIS) * $meanHelpN,
            $this->shareSd($body, $hang),
            $body->pullDistanceM(),
            $this->warnings($hang),
        );
    }

    public function why(Body $body): Explanation
    {
        return BandWhy::of($this, $body);
    }

    public function sideView(Body $body): SideView
    {
        return BandView::of($this, $body);
    }

    /** Sum of the bands' forces in N at a length. */
    public function forceN(float $lengthM): float
    {
        return array_sum(array_map(static fn (LoopBand $b): float => $b->law->forceN($lengthM), $this->bands));
    }

    /** Work the bands give over the pull, divided by its length, in N. */
    public function meanHelpN(BandHang $hang): float
    {
        $works = array_map(static fn (LoopBand $b): float => $b->law->workJ($hang->topM, $hang->bottomM), $this->bands);

        return array_sum($works) / ($hang->bottomM - $hang->topM);
    }

    public function isEstimated(): bool
    {
        foreach ($this->bands as $band) {
            if ($band->status === CurveStatus::Estimated) {
                return true;
            }
        }

        return false;
    }

    /** Standard deviation of the mean help in N that comes from the bands' curves; errors of several bands are independent. */
    public function curveSdN(BandHang $hang): float
    {
        $variance = 0.0;
        foreach ($this->bands as $band) {
            $sum = 0.0;
            for ($i = 0; $i < self::SD_SLICES; $i++) {
                $lengthM = $hang->topM + ($hang->bottomM - $hang->topM) * ($i + 0.5) / self::SD_SLICES;
                $sum += $band->law->forceN($lengthM) * $band->relativeSdAt($lengthM);
            }
            $variance += ($sum / self::SD_SLICES) ** 2;
        }

        return sqrt($variance);
    }

    /** Standard deviation of the mean help in N that comes from the reach, by moving it one standard deviation. */
    public function reachSdN(Body $body, BandHang $hang): float
    {
        $longer = BandHang::lengths($this, $body->withReach($body->reachM + $body->reachSdM()));

        return abs($this->meanHelpN($longer) - $this->meanHelpN($hang));
    }

    private function shareSd(Body $body, BandHang $hang): float
    {
        return hypot($this->curveSdN($hang), $this->reachSdN($body, $hang)) / $body->weightN();
    }

    /** @return list<Warning> */
    private function warnings(BandHang $hang): array
    {
        $warnings = [];
        if ($hang->kneesBendByM > 0.0) {
            $fullHelpN = $this->meanHelpN(new BandHang($hang->bottomM + $hang->kneesBendByM, $hang->topM + $hang->kneesBendByM, 0.0));
            $warnings[] = new Warning(WarningCode::KneesBend, sprintf(
                'The bar is %.0f cm too low for straight legs; knees bend, help falls by %.1f kg.',
                100 * $hang->kneesBendByM, CarriedLoad::kg($fullHelpN - $this->meanHelpN($hang)),
            ));
        }
        foreach ($this->bands as $band) {
            $stretch = $hang->bottomM / $band->hungLengthM();
            if ($stretch > self::WARN_STRETCH) {
                $warnings[] = new Warning(WarningCode::StretchHigh, sprintf('Band %s is stretched to %.1f times its hung length; over %.1f wears it fast.', $band->name, $stretch, self::WARN_STRETCH));
            }
            if ($hang->topM <= $band->hungLengthM()) {
                $warnings[] = new Warning(WarningCode::SlackAtTop, sprintf('Band %s is slack at the top: no help at the finish.', $band->name));
            }
            if ($band->status === CurveStatus::Estimated) {
                $warnings[] = new Warning(WarningCode::BandEstimated, sprintf('Band %s is estimated from its size, ± 30 %%. Measure it.', $band->name));
            }
        }

        return $warnings;
    }
}
