<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Weeks;

use SteadyRung\Safety\ScreenDue;

/**
 * The first session after time away, and what comes first then.
 */
final readonly class Comeback
{
    /** From so many days away on the first session is no harder than the last one. */
    public const AWAY_DAYS = 14;

    private function __construct(public int $day, public int $daysAway, public bool $needsBaselines)
    {
    }

    /** None where the days away are too few to matter. */
    public static function on(int $day, int $lastDay): ?self
    {
        $away = $day - $lastDay;

        return $away < self::AWAY_DAYS ? null : new self($day, $away, $away >= ScreenDue::AWAY_DAYS);
    }
}
