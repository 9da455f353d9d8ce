<?php

declare(strict_types=1);

namespace App\Formats\Table;

use OpenApi\Attributes as OA;

/**
 * What comes first in a date of numbers alone; one that begins with the year, or names the month, is read in any.
 */
#[OA\Schema(type: 'string')]
enum DateForm: string
{
    case DayFirst = 'day-first';
    case MonthFirst = 'month-first';

    private const MONTHS = [
        'jan' => 1, 'feb' => 2, 'mar' => 3, 'apr' => 4, 'may' => 5, 'jun' => 6,
        'jul' => 7, 'aug' => 8, 'sep' => 9, 'oct' => 10, 'nov' => 11, 'dec' => 12,
    ];

    private const YEAR_FIRST = '~^(\d{4})[./-]?(\d{2})[./-]?(\d{2})(?!\d)~';

    private const NUMBERS = '~^(\d{1,2})[./-]\s?(\d{1,2})[./-]\s?(\d{4}|\d{2})(?!\d)~';

    private const DAY_MONTH = '~^(?:[a-z]{2,9},?\s+)?(\d{1,2})(?:st|nd|rd|th)?\.?[\s-]+([a-z]{3})[a-z]*\.?,?[\s-]+(\d{4}|\d{2})(?!\d)~i';

    private const MONTH_DAY = '~^(?:[a-z]{2,9},?\s+)?([a-z]{3})[a-z]*\.?\s+(\d{1,2})(?:st|nd|rd|th)?,?\s+(\d{4}|\d{2})(?!\d)~i';

    /**
     * What the dates of a column can only be; day first where they may be either.
     *
     * @param  list<string>  $samples
     */
    public static function guessed(array $samples): self
    {
        foreach ($samples as $sample) {
            if (preg_match('~^\D*(\d{1,2})[./-](\d{1,2})[./-]\d{2,4}\b~', $sample, $parts) === 1 && (int) $parts[2] > 12) {
                return self::MonthFirst;
            }
        }

        return self::DayFirst;
    }

    /** The day of a text as 2026-01-31; none where it is no day. */
    public function read(string $text): ?string
    {
        [$year, $month, $day] = match (true) {
            preg_match(self::YEAR_FIRST, $text, $p) === 1 => [$p[1], (int) $p[2], $p[3]],
            preg_match(self::NUMBERS, $text, $p) === 1 => $this === self::DayFirst ? [$p[3], (int) $p[2], $p[1]] : [$p[3], (int) $p[1], $p[2]],
            preg_match(self::DAY_MONTH, $text, $p) === 1 => [$p[3], self::MONTHS[strtolower($p[2])] ?? 0, $p[1]],
            preg_match(self::MONTH_DAY, $text, $p) === 1 => [$p[3], self::MONTHS[strtolower($p[1])] ?? 0, $p[2]],
            default => ['0', 0, '0'],
        };
        $full = strlen($year) === 2 ? 2000 + (int) $year : (int) $year;

        return checkdate($month, (int) $day, $full) ? sprintf('%04d-%02d-%02d', $full, $month, (int) $day) : null;
    }

    /** The time that follows a day, as 18:30; none where none does. */
    public static function time(string $text): ?string
    {
        return preg_match('~(?:^|[ T])([01]?\d|2[0-3])[:.]([0-5]\d)(?::[0-5]\d)?~', $text, $p) === 1
            ? sprintf('%02d:%02d', (int) $p[1], (int) $p[2])
            : null;
    }
}
