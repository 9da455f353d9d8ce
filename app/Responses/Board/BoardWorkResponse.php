<?php

declare(strict_types=1);

namespace App\Responses\Board;

use App\Responses\Log\AccessorySetResponse;
use OpenApi\Attributes as OA;
use SteadyRung\Method\Accessory;

/**
 * That somebody did a set of work beside the pull.
 */
#[OA\Schema]
final readonly class BoardWorkResponse
{
    private function __construct(
        #[OA\Property(format: 'date-time')]
        public string $performed_at,
        #[OA\Property]
        public ?Accessory $accessory,
    ) {
    }

    public static function of(AccessorySetResponse $set): self
    {
        return new self($set->performed_at, $set->accessory);
    }
}
