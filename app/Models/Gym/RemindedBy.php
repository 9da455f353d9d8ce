<?php

declare(strict_types=1);

namespace App\Models\Gym;

use SteadyRung\Plan\Diary\Week;

/**
 * Whether somebody has the reminders by mail, and when.
 */
enum RemindedBy: string
{
    case Never = 'never';
    case Mondays = 'mondays';
    case EveryDay = 'every-day';

    /** From this hour of the gym’s day on. */
    public const HOUR = 7;

    /** @param  int  $day  since 1970-01-01 */
    public function isDue(int $day): bool
    {
        return match ($this) {
            self::Never => false,
            self::Mondays => Week::monday($day) === $day,
            self::EveryDay => true,
        };
    }
}
