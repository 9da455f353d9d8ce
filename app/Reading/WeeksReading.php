<?php

declare(strict_types=1);

namespace App\Reading;

use App\Formats\Day;
use App\Models\Athlete;
use App\Models\TimeOffRecord;
use SteadyRung\Plan\Diary\Week;
use SteadyRung\Plan\Session\Calendar;

/**
 * The weeks ahead of an athlete, from the Monday before last on.
 */
final readonly class WeeksReading
{
    private const WEEKS_BACK = 2;

    private const DAYS_A_WEEK = 7;

    public function __construct(private BuildBrief $briefs)
    {
    }

    public function of(Athlete $athlete): WeeksJson
    {
        $brief = $this->briefs->of($athlete);
        $from = Week::monday($brief->today) - self::WEEKS_BACK * self::DAYS_A_WEEK;
        $trained = array_filter($brief->diary->workDays($brief->today), static fn (int $day): bool => $day >= $from);

        return new WeeksJson(
            Day::date($brief->today),
            CalendarJson::of(Calendar::of($brief), $brief->today),
            array_map(Day::date(...), array_values($trained)),
            array_values(TimeOffRecord::ahead($athlete->id, Day::date($from))->get()->map(TimeOffJson::of(...))->all()),
        );
    }
}
