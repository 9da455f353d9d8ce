<?php

declare(strict_types=1);

namespace SteadyRung\Strength;

use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Filter\FeltLoad;

/**
 * One fresh try at a strict rep: worth it from a chance of one in four on, ten days apart; a miss does no harm.
 */
final class StrictTry
{
    private const LEAST_CHANCE = 0.25;

    public const DAYS_APART = 10;

    /** Chance of one strict rep on the day of the state. */
    public static function chance(CapacityState $state): float
    {
        return RepPrediction::at($state, FeltLoad::of(1.0))->chanceOf(1.0);
    }

    /** Whether it is due for somebody believed to have this capacity. */
    public static function isDue(CapacityState $state, ?int $daysSinceLast): bool
    {
        return self::isLongEnoughAgo($daysSinceLast) && self::isWorthIt(self::chance($state));
    }

    /** Of the last try or test; there may have been none. */
    public static function isLongEnoughAgo(?int $days): bool
    {
        return $days === null || $days >= self::DAYS_APART;
    }

    public static function isWorthIt(float $chance): bool
    {
        return $chance >= self::LEAST_CHANCE;
    }
}
