<?php

declare(strict_types=1);

namespace App\Responses\Trend;

/**
 * How far back a trend is looked at, and how finely.
 */
enum TrendRange: string
{
    case Month = 'month';
    case Season = 'season';
    case Year = 'year';
    case All = 'all';

    public function days(): ?int
    {
        return match ($this) {
            self::Month => 31,
            self::Season => 120,
            self::Year => 366,
            self::All => null,
        };
    }

    /** The piece of time that shows one point: each day, or of many years the last of each week or month. */
    public static function grain(int $days): string
    {
        return match (true) {
            $days <= 400 => 'day',
            $days <= 1100 => 'week',
            default => 'month',
        };
    }

    /** The piece of time whose work is summed. */
    public static function sum(int $days): string
    {
        return $days <= 400 ? 'week' : 'month';
    }
}
