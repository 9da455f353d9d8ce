<?php

declare(strict_types=1);

namespace SteadyRung\Strength;

use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Filter\FeltLoad;

/**
 * A set of one strict rep: the work from a chance of one in four on, and a test of more of them ten days after the last.
 */
final class StrictTry
{
    private const WORK_CHANCE = 0.25;

    public const TESTS_APART_DAYS = 10;

    /** Chance of one strict rep on the day of the state. */
    public static function chance(CapacityState $state): float
    {
        return RepPrediction::at($state, FeltLoad::of(1.0))->chanceOf(1.0);
    }

    /** Of the last try or test; there may have been none. */
    public static function isLongEnoughAgo(?int $days): bool
    {
        return $days === null || $days >= self::TESTS_APART_DAYS;
    }

    /** Whether strict reps of this chance are worth a set of work. */
    public static function isWorthIt(float $chance): bool
    {
        return $chance >= self::WORK_CHANCE;
    }
}
