<?php

declare(strict_types=1);

namespace App\Queries\Sessions;

use App\Context\Athletes\LoadAthleteContext;
use App\Formats\Day;
use App\Models\Athletes\Athlete;
use App\Models\Sessions\TimeOffRecord;
use App\Responses\Sessions\CalendarResponse;
use App\Responses\Sessions\TimeOffResponse;
use App\Responses\Sessions\WeeksResponse;
use SteadyRung\Plan\Diary\Week;
use SteadyRung\Plan\Weeks\Calendar;

/**
 * The weeks ahead of an athlete, from the Monday before last on.
 */
final readonly class WeeksQuery
{
    private const WEEKS_BACK = 2;

    private const DAYS_A_WEEK = 7;

    public function __construct(private LoadAthleteContext $contexts)
    {
    }

    public function of(Athlete $athlete): WeeksResponse
    {
        $context = $this->contexts->of($athlete);
        $from = Week::monday($context->today) - self::WEEKS_BACK * self::DAYS_A_WEEK;
        $trained = array_filter($context->diary->workDays($context->today), static fn (int $day): bool => $day >= $from);

        return new WeeksResponse(
            Day::date($context->today),
            CalendarResponse::of(Calendar::of($context), $context->today),
            array_map(Day::date(...), array_values($trained)),
            array_values(TimeOffRecord::ahead($athlete->id, Day::date($from))->get()->map(TimeOffResponse::of(...))->all()),
        );
    }
}
