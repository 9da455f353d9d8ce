<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Plan\Brief\Refusal;

/**
 * The first session after time away, and what comes first then.
 */
final readonly class Comeback
{
    private function __construct(public int $day, public int $daysAway, public bool $needsBaselines)
    {
    }

    /** None where the days away are too few to matter. */
    public static function on(int $day, int $lastDay): ?self
    {
        $away = $day - $lastDay;

        return $away < SessionWriter::AWAY_DAYS ? null : new self($day, $away, $away >= Refusal::AWAY_DAYS);
    }
}
