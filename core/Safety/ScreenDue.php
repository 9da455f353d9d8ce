<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

/**
 * Why an athlete is to be screened, or screened again.
 */
enum ScreenDue: string
{
    case Never = 'never';
    case Away = 'away';
    case Pain = 'pain';

    /** So many days without a set ask for a new screen. */
    public const AWAY_DAYS = 28;

    /**
     * None where the last screen still holds.
     *
     * @param  int|null  $screened  day of the last screen
     * @param  int|null  $trained  day of the last set
     */
    public static function on(int $today, ?int $screened, ?int $trained, bool $hasToldPainSince): ?self
    {
        return match (true) {
            $screened === null => self::Never,
            $hasToldPainSince => self::Pain,
            $trained !== null && $today - max($trained, $screened) >= self::AWAY_DAYS => self::Away,
            default => null,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Never => 'Not screened yet.',
            self::Away => 'Four weeks away: screen again before loading.',
            self::Pain => 'Pain since the last screen. Screen again.',
        };
    }
}
