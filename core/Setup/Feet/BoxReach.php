<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Feet;

use SteadyRung\Body\Body;
use SteadyRung\Body\Proportions;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\GearClash;
use SteadyRung\Kit\StandingHeight;
use SteadyRung\OutOfRange;

/**
 * A bar with something under the feet: how far the legs can lift.
 */
final readonly class BoxReach
{
    public const BOX_M = [0.0, Box::HEIGHT_M[1]];

    public const LEG_PART = [0.0, 1.0];

    /** A box closer to the bar than this leaves no room for a body. */
    public const LEAST_BELOW_BAR_M = 0.5;

    private function __construct(public float $barHeightM, public float $boxM)
    {
    }

    /**
     * A bar and a box (0 = the floor) at least 0.5 m lower.
     *
     * @throws OutOfRange if a height is outside its range
     * @throws GearClash if the box is too near the bar, or above it
     */
    public static function of(float $barHeightM, float $boxM): self
    {
        OutOfRange::guard(['bar_height_m' => [$barHeightM, Bar::HEIGHT_M]]);
        if ($boxM > $barHeightM - self::LEAST_BELOW_BAR_M) {
            throw GearClash::boxAboveBar($boxM, $barHeightM, self::LEAST_BELOW_BAR_M);
        }
        OutOfRange::guard(['box_m' => [$boxM, self::BOX_M]]);

        return new self($barHeightM, $boxM);
    }

    /** Bar height − box − reach in m: what is missing to hang with the soles on the box; negative where the legs stay bent. */
    public function gapM(Body $body): float
    {
        return $this->barHeightM - $this->boxM - $body->reachM;
    }

    /** The part of the travel the legs can carry, (−gap + toe rise + hop)/ROM; below 0 they reach nothing, above 1 all of it. */
    public function legPart(Body $body, float $hopM = 0.0): float
    {
        return (-$this->gapM($body) + $body->heightM(Proportions::TOE_RISE) + $hopM) / $body->pullDistanceM();
    }

    /** The box height in m at which the legs can carry a part of the travel; the inverse of legPart. */
    public static function boxFor(Body $body, float $barHeightM, float $legPart): float
    {
        return $legPart * $body->pullDistanceM() - $body->heightM(Proportions::TOE_RISE) + $barHeightM - $body->reachM;
    }

    /**
     * Of the heights there are, the one that comes nearest to a leg part and leaves room to hang.
     *
     * @param  non-empty-list<StandingHeight>  $heights ascending
     *
     * @throws OutOfRange if the bar height or the leg part is outside its range
     */
    public static function nearest(Body $body, float $barHeightM, float $legPart, array $heights): StandingHeight
    {
        OutOfRange::guard(['bar_height_m' => [$barHeightM, Bar::HEIGHT_M], 'leg_part' => [$legPart, self::LEG_PART]]);
        $below = array_values(array_filter(
            $heights,
            static fn (StandingHeight $h): bool => $h->heightM <= $barHeightM - self::LEAST_BELOW_BAR_M,
        ));

        return StandingHeight::nearest($below === [] ? [$heights[0]] : $below, self::boxFor($body, $barHeightM, $legPart));
    }
}
