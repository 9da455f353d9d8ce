<?php

declare(strict_types=1);

namespace SteadyRung\Kit\Band;

/**
 * How old a band's readings may be: rubber tires (common practice: measured again after ninety days).
 */
final class CalibrationAge
{
    public const DAYS = 90;

    /** What to say of readings taken so many days ago; nothing while they are young. */
    public static function words(?int $days): ?string
    {
        return match (true) {
            $days === null => null,
            $days > self::DAYS => sprintf('Measured %d days ago: rubber tires. Measure it again.', $days),
            default => null,
        };
    }
}
