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

    private const DAYS_APART = 10;

    /** Chance of one strict rep on the day of the state. */
    public static function chance(CapacityState $state): float
    {
        return RepPrediction::at($state, FeltLoad::of(1.0))->chanceOf(1.0);
    }

    /** Whether the chance is large enough, and the last try long enough ago. */
    public static function isDue(CapacityState $state, ?int $daysSinceLast): bool
    {
        return ($daysSinceLast === null || $daysSinceLast >= self::DAYS_APART) && self::isWorthIt(self::chance($state));
    }

    public static function isWorthIt(float $chance): bool
    {
        return $chance >= self::LEAST_CHANCE;
    }
}
