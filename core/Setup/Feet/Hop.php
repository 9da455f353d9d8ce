<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Feet;

use SteadyRung\Body\Body;
use SteadyRung\Drawing\SideView;
use SteadyRung\InWords;
use SteadyRung\Kit\GearClash;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\Setup;
use SteadyRung\Setup\Travel;
use SteadyRung\Setup\Warning;
use SteadyRung\Setup\WarningCode;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * A pull begun with a hop from a box or the floor: always an interval.
 */
final readonly class Hop implements Setup
{
    public const HOP_M = [0.0, 0.6];

    public const SMALL_M = 0.10;

    public const JUMP_M = 0.25;

    /** Hopping from a box higher than this is a fall waiting (judgement). */
    private const HIGH_BOX_M = 0.5;

    private function __construct(public BoxReach $reach, public float $hopM)
    {
    }

    /**
     * A hop of 0–0.6 m (small 0.10, jump 0.25; common practice) under a bar.
     *
     * @throws OutOfRange if a figure is outside its range
     * @throws GearClash if the box is too near the bar
     */
    public static function of(float $barHeightM, float $boxM, float $hopM): self
    {
        OutOfRange::guard(['hop_m' => [$hopM, self::HOP_M]]);

        return new self(BoxReach::of($barHeightM, $boxM), $hopM);
    }

    public function carriedBy(Body $body, Travel $travel = Travel::Whole): CarriedLoad|DoesNotFit
    {
        $part = $this->reach->legPart($body, $this->hopM);

        if ($part <= 0.0) {
            return DoesNotFit::hopTooSmall(-$part * $body->pullDistanceM());
        }
        $load = LegInterval::load($body, $part, $travel);

        return $this->reach->boxM > self::HIGH_BOX_M
            ? $load->warned(new Warning(
                WarningCode::HighBox,
                sprintf('A hop from %s is a long way down. Take a lower bar, or a band.', InWords::cm($this->reach->boxM)),
            ))
            : $load;
    }

    public function why(Body $body): Explanation
    {
        return $body->whyPullDistance()
            ->then(LegInterval::why(
                $this->reach,
                $body,
                $this->hopM,
                new Step(
                    'Hop',
                    sprintf('small %s, jump %s', InWords::cm(self::SMALL_M), InWords::cm(self::JUMP_M)),
                    $this->hopM,
                    'm',
                    'common practice',
                ),
            ))
            ->then(new Explanation(
                [],
                ['A hop is never the same twice: an interval, not a point.'],
                ['Use a band or a lower box where a figure is wanted.'],
            ));
    }

    public function sideView(Body $body): SideView
    {
        return BoxView::of($this->reach, $body, $this->hopM);
    }
}
