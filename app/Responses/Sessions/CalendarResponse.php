<?php

declare(strict_types=1);

namespace App\Responses\Sessions;

use App\Formats\Day;
use OpenApi\Attributes as OA;
use SteadyRung\Plan\Session\Calendar;
use SteadyRung\Plan\Session\PlannedStage;

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
    ) {
    }

    public static function of(Calendar $calendar, int $today): self
    {
        $date = static fn (int $week): string => Day::date($today + self::DAYS_A_WEEK * $week);

        return new self(
            array_map(Day::date(...), $calendar->sessions),
            array_map(
                static fn (PlannedStage $p): PlannedStageResponse => new PlannedStageResponse(
                    $p->stage->name,
                    $p->stage->gate->words(),
                    $date($p->fromWeek),
                    $p->toWeek === null ? null : $date($p->toWeek),
                ),
                $calendar->stages,
            ),
            array_map(ComebackResponse::of(...), $calendar->comebacks),
        );
    }
}
