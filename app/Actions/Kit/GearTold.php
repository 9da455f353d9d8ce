<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use OpenApi\Attributes as OA;

/**
 * Whether a band or another piece is out of use for the day on which that is told.
 */
#[OA\Schema(schema: 'GearOutInput')]
final readonly class GearTold
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'uuid')]
        public string $gear_id,
        #[OA\Property]
        public bool $out,
        #[OA\Property(description: 'When it was told; what was told later stands.', type: 'string', format: 'date-time')]
        public \DateTimeImmutable $told_at,
    ) {
    }
}
