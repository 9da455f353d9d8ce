<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Diary;

/**
 * A session that was hard and whose first set came far under what was foretold: tired, not weak.
 */
final class FallenOff
{
    /** So many running are more than a bad day. */
    public const SESSIONS = 2;

    /** From such an effort on a session was hard. */
    public const HARD_EFFORT = 8;

    /** Days after which it says nothing more (judgement). */
    public const DAYS = 7;

    /** A first set this much under the median it was expected at falls off. */
    private const PART = 0.25;

    /** @param  float|null  $expected  the median of the first set, as it was foretold */
    public static function is(?float $expected, ?int $effort, int $first): bool
    {
        return $expected !== null && $effort >= self::HARD_EFFORT && $first <= (1.0 - self::PART) * $expected;
    }
}
