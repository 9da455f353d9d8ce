<?php

declare(strict_types=1);

namespace App\Responses\Erase;

use App\Formats\Erase\ErasedLog;
use App\Models\Erase\Erasure;
use OpenApi\Attributes as OA;

/**
 * How far an order to erase an athlete is.
 */
#[OA\Schema(schema: 'Erasure')]
final readonly class ErasureResponse
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public ErasedLog $log,
        #[OA\Property(format: 'date-time')]
        public string $ordered_at,
        #[OA\Property(description: 'Who ordered it.')]
        public string $by,
        #[OA\Property(format: 'date-time')]
        public ?string $ended_at,
        #[OA\Property(description: 'Whether it was tried and nothing of it was done.')]
        public bool $failed,
        #[OA\Property(description: 'So many entries were erased.')]
        public int $rows,
    ) {
    }

    public static function of(Erasure $erasure, string $by): self
    {
        return new self(
            id: $erasure->id,
            log: $erasure->log,
            ordered_at: $erasure->ordered_at->toIso8601String(),
            by: $by,
            ended_at: $erasure->ended_at?->toIso8601String(),
            failed: $erasure->failed_at !== null && $erasure->ended_at === null,
            rows: $erasure->rows,
        );
    }
}
