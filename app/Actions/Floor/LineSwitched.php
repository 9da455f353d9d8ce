<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use OpenApi\Attributes as OA;

/**
 * Another exercise in the place of a line for one day, or the line as it was written again.
 */
#[OA\Schema(schema: 'LineSwitchedInput')]
final readonly class LineSwitched
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(type: 'string', format: 'date')]
        public string $on,
        #[OA\Property(maxLength: 160)]
        public string $line,
        #[OA\Property(description: 'Key of what is done instead, of those the line offers; none for the line as written.', maxLength: 500)]
        public ?string $rung_key,
        #[OA\Property(description: 'When it was told; what was told later stands.', type: 'string', format: 'date-time')]
        public \DateTimeImmutable $told_at,
    ) {
    }
}
