<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use OpenApi\Attributes as OA;

/**
 * What ends a pause for pain: a coach's note.
 */
#[OA\Schema(schema: 'ClearanceInput')]
final readonly class ClearingNote
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'Who looked at it and what was found.', maxLength: 500)]
        public string $note,
    ) {
    }
}
