<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Body\Proportions;
use SteadyRung\InWords;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * What the arms carry where the legs can carry the first part of the travel, but nobody knows how much of it they do.
 */
final class LegInterval
{
    /** The share lies anywhere in [1 − part, 1], so its spread is that of a uniform distribution, width/√12. */
    public static function load(Body $body, float $legPart): CarriedLoad
    {
        $part = min(1.0, $legPart);
        $weightN = $body->weightN();
        $meanN = (1.0 - $part / 2.0) * $weightN;

        return new CarriedLoad(
            $weightN,
            $part > 0.0 ? 0.0 : $weightN,
            $meanN,
            $part >= 1.0 ? 0.0 : $weightN,
            $meanN,
            $part / sqrt(12.0),
            $body->pullDistanceM(),
            $legPart >= 1.0 ? [new Warning(WarningCode::LegsAllTheWay, 'The legs can stand up all the way: lower the box, or raise the bar, for any figure.')] : [],
            [1.0 - $part, 1.0],
        );
    }

    public static function why(BoxReach $reach, Body $body, float $hopM): Explanation
    {
        $part = max(0.0, min(1.0, $reach->legPart($body, $hopM)));
        $hop = $hopM > 0.0 ? [new Step('Hop', sprintf('small %s, jump %s', InWords::cm(Hop::SMALL_M), InWords::cm(Hop::JUMP_M)), $hopM, 'm', 'common practice')] : [];

        return new Explanation(
            [
                new Step('Gap', 'bar − box − reach', $reach->gapM($body), 'm'),
                new Step('Toe rise', '0.05 × height', $body->heightM(Proportions::TOE_RISE), 'm', 'common practice'),
                ...$hop,
                new Step('Leg part of the travel', '(toe rise + hop − gap) ÷ pull distance, at most all of it', 100 * $part, '%'),
                new Step('Least the arms may carry', '1 − leg part', 100 * (1.0 - $part), '%'),
            ],
            ['Bounded, not measured: the arms carry anything between that and all of it.'],
        );
    }
}
