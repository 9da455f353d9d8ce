<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Diary;

/**
 * What a coach is reminded of beside the calls. Days count from Thursday, 1 January 1970.
 */
enum Reminder: string
{
    case Screen = 'screen';
    case Consent = 'consent';
    case Inspection = 'inspection';
    case Away = 'away';
    case Weighing = 'weighing';
    case Goal = 'goal';

    /** Not seen for so long (common practice: two weeks). */
    public const AWAY_DAYS = 14;

    /** A bodyweight that old says little of the load (judgement: a month). */
    public const WEIGHED_DAYS = 28;

    /** A first strict rep is news for so long (judgement). */
    public const NEWS_DAYS = 14;

    /** Of whom nothing was seen for longer is not asked every day (judgement). */
    public const FORGOTTEN_DAYS = 90;

    /** What is to be done. */
    public function words(): string
    {
        return match ($this) {
            self::Screen => 'Screen',
            self::Consent => 'Ask for consent',
            self::Inspection => 'Look at the band',
            self::Away => 'Ask after',
            self::Weighing => 'Weigh',
            self::Goal => 'Goal reached',
        };
    }

    /** Null where nobody needs to be reminded. */
    public static function away(int $today, ?int $trained): ?string
    {
        $days = $trained === null ? 0 : $today - $trained;

        return $days >= self::AWAY_DAYS && $days <= self::FORGOTTEN_DAYS ? "Not seen for $days days." : null;
    }

    /** Who does not come is not asked to the scale. */
    public static function weighing(int $today, ?int $weighed, ?int $trained): ?string
    {
        if ($trained === null || $weighed === null || $today - $trained >= self::AWAY_DAYS) {
            return null;
        }
        $days = $today - $weighed;

        return $days >= self::WEIGHED_DAYS ? "Last weighed $days days ago; every load follows from it." : null;
    }

    /** @param  int|null  $first  day of the first strict rep */
    public static function goal(int $today, ?int $first): ?string
    {
        return $first !== null && $today - $first < self::NEWS_DAYS ? 'The first strict rep.' : null;
    }
}
