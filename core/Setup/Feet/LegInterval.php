<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Feet;

use SteadyRung\Body\Body;
use SteadyRung\Body\Proportions;
use SteadyRung\Gravity;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\Demand;
use SteadyRung\Setup\Travel;
use SteadyRung\Setup\Warning;
use SteadyRung\Setup\WarningCode;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * What the arms carry where the legs can carry the first part of the travel, but nobody knows how much of it they do.
 */
final class LegInterval
{
    /**
     * The share lies anywhere in [1 − part, 1], part being what of this travel the legs can carry, so its spread is that of a
     * uniform distribution, width/√12, and the error of the reach moves its lower end; a load in the lap comes on top: a squat, which the
     * legs are meant to stand up from.
     */
    public static function load(Body $body, float $legPart, Travel $travel = Travel::Whole, float $lapKg = 0.0): CarriedLoad
    {
        [$from, $to] = $travel->span();
        $part = self::partOf($travel, min(1.0, $legPart));
        $reachSd = $part > 0.0 && $travel->length() > 0.0 ? $body->reachSdM() / ($travel->length() * $body->pullDistanceM()) : 0.0;
        $weightN = $body->weightN();
        $lapN = $lapKg * Gravity::M_PER_S2;
        $bottomN = ($legPart > $from ? 0.0 : $weightN) + $lapN;
        $meanN = (1.0 - $part / 2.0) * $weightN + $lapN;
        $topN = ($legPart >= $to ? 0.0 : $weightN) + $lapN;

        return new CarriedLoad(
            weightN: $weightN,
            bottomN: $bottomN,
            meanN: $meanN,
            topN: $topN,
            demand: Demand::ofPull($weightN, $bottomN, $meanN, $topN),
            shareSd: hypot($part / sqrt(12.0), $reachSd / 2.0),
            romM: $travel->length() * $body->pullDistanceM(),
            warnings: $legPart >= 1.0 && $lapKg === 0.0
                ? [new Warning(
                    WarningCode::LegsAllTheWay,
                    'The legs can stand up all the way: lower the box, or raise the bar, for any figure.',
                )]
                : [],
            shareRange: [max(0.0, 1.0 - $part - $reachSd) + $lapKg / $body->massKg, 1.0 + $lapKg / $body->massKg],
        );
    }

    private static function partOf(Travel $travel, float $legPart): float
    {
        [$from, $to] = $travel->span();

        return $to > $from ? max(0.0, min($legPart, $to) - $from) / ($to - $from) : (float) ($legPart > $from);
    }

    public static function why(BoxReach $reach, Body $body, float $hopM = 0.0, ?Step $hop = null): Explanation
    {
        $part = max(0.0, min(1.0, $reach->legPart($body, $hopM)));

        return new Explanation(
            [
                new Step('Gap', 'bar − box − reach', $reach->gapM($body), 'm'),
                new Step('Toe rise', '0.05 × height', $body->heightM(Proportions::TOE_RISE), 'm', 'common practice'),
                ...($hop === null ? [] : [$hop]),
                new Step('Leg part of the travel', '(toe rise + hop − gap) ÷ pull distance, at most all of it', 100 * $part, '%'),
                new Step('Least the arms may carry', '1 − leg part', 100 * (1.0 - $part), '%'),
            ],
            ['Bounded, not measured: the arms carry anything between that and all of it.'],
        );
    }
}
