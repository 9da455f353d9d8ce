<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Drawing\SideView;
use SteadyRung\Kit\GearClash;
use SteadyRung\OutOfRange;
use SteadyRung\Why\Explanation;

/**
 * A pull begun with a hop from a box or the floor: always an interval.
 */
final readonly class Hop implements Setup
{
    public const HOP_M = [0.0, 0.6];

    public const SMALL_M = 0.10;

    public const JUMP_M = 0.25;

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

    public function carriedBy(Body $body): CarriedLoad|DoesNotFit
    {
        $part = $this->reach->legPart($body, $this->hopM);

        return $part <= 0.0
            ? DoesNotFit::hopTooSmall(-$part * $body->pullDistanceM())
            : LegInterval::load($body, $part);
    }

    public function why(Body $body): Explanation
    {
        return $body->whyPullDistance()
            ->then(LegInterval::why($this->reach, $body, $this->hopM))
            ->then(new Explanation([], ['A hop is never the same twice: an interval, not a point.'], ['Use a band or a lower box where a figure is wanted.']));
    }

    public function sideView(Body $body): SideView
    {
        return BoxView::of($this->reach, $body, $this->hopM);
    }
}
