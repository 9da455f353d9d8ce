<?php

declare(strict_types=1);

namespace App\Responses\Log;

use OpenApi\Attributes as OA;
use SteadyRung\Plan\Session\Line\LoweringsLeft;

/**
 * Lowerings that the caps leave, today and this week.
 */
#[OA\Schema]
final readonly class LoweringLeftResponse
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
        #[OA\Property(description: 'Why none is left today.')]
        public ?string $full,
    ) {
    }

    public static function of(LoweringsLeft $left): self
    {
        return new self(
            $left->today,
            $left->caps->loweringsASession,
            $left->thisWeek,
            $left->caps->loweringsAWeek,
            $left->today === 0 ? $left->full() : null,
        );
    }
}
