<?php

declare(strict_types=1);

namespace App\Responses\Athletes;

use OpenApi\Attributes as OA;
use SteadyRung\Strength\Estimate;

/**
 * One-rep capacity as a share of bodyweight, as it is believed today, with its 80 % interval.
 */
#[OA\Schema]
final readonly class CapacityResponse
{
    public function __construct(
        #[OA\Property]
        public float $share,
        #[OA\Property]
        public float $low80,
        #[OA\Property]
        public float $high80,
        #[OA\Property(description: 'The day of the latest session it rests on.', format: 'date')]
        public string $on,
    ) {
    }

    public static function of(Estimate $belief, ?string $observedOn): ?self
    {
        return $belief->state === null || $observedOn === null
            ? null
            : new self($belief->state->share(), $belief->state->low80(), $belief->state->high80(), $observedOn);
    }
}
