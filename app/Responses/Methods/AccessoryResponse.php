<?php

declare(strict_types=1);

namespace App\Responses\Methods;

use App\Formats\Json\Methods\AmountJson;
use OpenApi\Attributes as OA;
use SteadyRung\Method\Accessory;

/**
 * Work beside the pull, and how much of it a set usually is.
 */
#[OA\Schema]
final readonly class AccessoryResponse
{
    private function __construct(
        #[OA\Property]
        public Accessory $accessory,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'The key of one more line with it.')]
        public string $line,
        #[OA\Property]
        public AmountJson $usual,
    ) {
    }

    public static function of(Accessory $accessory): self
    {
        return new self(
            $accessory,
            $accessory->words(),
            "{$accessory->part()->value}:$accessory->value",
            AmountJson::of($accessory->usual()),
        );
    }
}
