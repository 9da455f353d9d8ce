<?php

declare(strict_types=1);

namespace App\Responses\Methods;

use OpenApi\Attributes as OA;
use SteadyRung\Method\GripTier;

#[OA\Schema]
final readonly class GripTierResponse
{
    private function __construct(
        #[OA\Property]
        public GripTier $tier,
        #[OA\Property]
        public int $from_s,
        #[OA\Property]
        public int $to_s,
    ) {
    }

    public static function of(GripTier $tier): self
    {
        return new self($tier, ...$tier->seconds());
    }
}
