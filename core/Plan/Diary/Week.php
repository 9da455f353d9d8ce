<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Diary;

/**
 * Weeks from Monday to Sunday, of days numbered from Thursday, 1 January 1970.
 */
final class Week
{
    /** Who has not been seen for longer is asked after (judgement). */
    public const OVERDUE_DAYS = 10;

    private const MONDAY_OFFSET = 3;

    private const DAYS = 7;

    public static function monday(int $day): int
    {
        return $day - self::weekday($day);
    }

    /** From Monday, 0, to Sunday, 6. */
    public static function weekday(int $day): int
    {
        return (($day + self::MONDAY_OFFSET) % self::DAYS + self::DAYS) % self::DAYS;
    }

    public static function next(int $day): int
    {
        return self::monday($day) + self::DAYS;
    }
}
