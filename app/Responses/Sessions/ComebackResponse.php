<?php

declare(strict_types=1);

namespace App\Responses\Sessions;

use App\Formats\Day;
use OpenApi\Attributes as OA;
use SteadyRung\Plan\Weeks\Comeback;

/**
 * The first session after time away.
 */
#[OA\Schema]
final readonly class ComebackResponse
{
    private function __construct(
        #[OA\Property(format: 'date')]
        public string $on,
        #[OA\Property]
        public int $days_away,
        #[OA\Property(description: 'Screen and baselines first; else nothing harder than last time.')]
        public bool $needs_baselines,
    ) {
    }

    public static function of(Comeback $comeback): self
    {
        return new self(Day::date($comeback->day), $comeback->daysAway, $comeback->needsBaselines);
    }
}
