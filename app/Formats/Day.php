<?php

declare(strict_types=1);

namespace App\Formats;

/**
 * Calendar days as numbers, so that the core needs no clock.
 */
final class Day
{
    /** Days since 1970-01-01 of a date like 2026-01-31. */
    public static function number(string $date): int
    {
        return intdiv((int) gmmktime(0, 0, 0, (int) substr($date, 5, 2), (int) substr($date, 8, 2), (int) substr($date, 0, 4)), 86400);
    }

    /** The date so many days after 1970-01-01. */
    public static function date(int $number): string
    {
        return gmdate('Y-m-d', 86400 * $number);
    }
}
