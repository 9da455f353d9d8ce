<?php

declare(strict_types=1);

namespace App\Responses\Log;

use App\Models\Log\AccessorySet;
use OpenApi\Attributes as OA;
use SteadyRung\Method\Accessory;

/**
 * A set of work beside the pull, as it is in the log.
 */
#[OA\Schema(schema: 'Beside')]
final readonly class AccessorySetResponse
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date-time')]
        public string $performed_at,
        #[OA\Property]
        public ?Accessory $accessory,
        #[OA\Property(description: 'Who logged it.', format: 'uuid')]
        public string $by,
        #[OA\Property]
        public ?int $reps,
        #[OA\Property]
        public ?float $seconds,
        #[OA\Property]
        public ?float $metres,
        #[OA\Property]
        public ?float $load_kg,
    ) {
    }

    public static function of(AccessorySet $set): self
    {
        return new self(
            id: $set->id,
            performed_at: $set->performed_at->utc()->format('Y-m-d\TH:i:s\Z'),
            accessory: Accessory::tryFrom($set->accessory),
            by: $set->user_id,
            reps: $set->reps,
            seconds: $set->seconds,
            metres: $set->metres,
            load_kg: $set->load_kg,
        );
    }
}
