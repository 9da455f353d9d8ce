<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\CapacityRecord;
use OpenApi\Attributes as OA;

/**
 * One-rep capacity as a share of bodyweight, with its 80 % interval.
 */
#[OA\Schema]
final readonly class CapacityResource
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

    public static function orNull(?CapacityRecord $record): ?self
    {
        return $record === null ? null : self::of($record);
    }

    public static function of(CapacityRecord $record): self
    {
        $state = $record->toCore();

        return new self($state->share(), $state->low80(), $state->high80(), $record->trained_on);
    }
}
