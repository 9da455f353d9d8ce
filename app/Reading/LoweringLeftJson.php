<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;
use SteadyRung\Plan\Diary;

/**
 * Lowerings that the caps leave, today and this week.
 */
#[OA\Schema]
final readonly class LoweringLeftJson
{
    private function __construct(
        #[OA\Property]
        public int $today,
        #[OA\Property]
        public int $a_session,
        #[OA\Property]
        public int $this_week,
        #[OA\Property]
        public int $a_week,
    ) {
    }

    public static function of(Diary $diary, int $today): self
    {
        $caps = $diary->caps($today);
        $week = max(0, $caps->loweringsAWeek - $diary->loweringsThisWeek($today));

        return new self(min($week, max(0, $caps->loweringsASession - $diary->lowerings($today, $today))), $caps->loweringsASession, $week, $caps->loweringsAWeek);
    }
}
