<?php

declare(strict_types=1);

namespace App\Responses\Sessions;

use App\Formats\Day;
use App\Responses\Trend\ForecastResponse;
use OpenApi\Attributes as OA;
use SteadyRung\Plan\Weeks\Calendar;
use SteadyRung\Plan\Weeks\PlannedStage;

/**
 * The next sessions and the stages to expect.
 */
#[OA\Schema]
final readonly class CalendarResponse
{
    private const DAYS_A_WEEK = 7;

    /**
     * @param  list<string>  $sessions
     * @param  list<PlannedStageResponse>  $stages
     * @param  list<ComebackResponse>  $comebacks
     */
    private function __construct(
        #[OA\Property(items: new OA\Items(type: 'string', format: 'date'))]
        public array $sessions,
        #[OA\Property(items: new OA\Items(ref: PlannedStageResponse::class))]
        public array $stages,
        #[OA\Property(items: new OA\Items(ref: ComebackResponse::class))]
        public array $comebacks,
        #[OA\Property(description: 'The next number of strict pull-ups, as the trend has it; none before a baseline.')]
        public ?ForecastResponse $next,
    ) {
    }

    public static function of(Calendar $calendar, int $today): self
    {
        $date = static fn (?int $week): ?string => $week === null ? null : Day::date($today + self::DAYS_A_WEEK * $week);

        return new self(
            array_map(Day::date(...), $calendar->sessions),
            array_map(
                static fn (PlannedStage $p): PlannedStageResponse => new PlannedStageResponse(
                    $p->stage->name,
                    $p->stage->gate->words(),
                    Day::date($today + self::DAYS_A_WEEK * $p->fromWeek),
                    $date($p->toWeek),
                    $date($p->soonestWeek),
                    $date($p->latestWeek),
                ),
                $calendar->stages,
            ),
            array_map(ComebackResponse::of(...), $calendar->comebacks),
            $calendar->next === null ? null : ForecastResponse::of($calendar->next, $today),
        );
    }
}
