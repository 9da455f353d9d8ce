<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use OpenApi\Attributes as OA;

/**
 * Whether an athlete comes to one day of a class.
 */
#[OA\Schema(schema: 'ComingInput')]
final readonly class ComingTold
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'uuid')]
        public string $class_id,
        #[OA\Property(type: 'string', format: 'date')]
        public string $on,
        #[OA\Property]
        public bool $coming,
        #[OA\Property(description: 'When it was told; what was told later stands.', type: 'string', format: 'date-time')]
        public \DateTimeImmutable $told_at,
    ) {
    }
}
