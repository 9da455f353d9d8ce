<?php

declare(strict_types=1);

namespace App\Responses\Athletes;

use OpenApi\Attributes as OA;

/**
 * A note on an athlete.
 */
#[OA\Schema(schema: 'Note')]
final readonly class NoteResponse
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $text,
        #[OA\Property(description: 'Who wrote it.')]
        public string $by,
        #[OA\Property(format: 'date-time')]
        public string $written_at,
    ) {
    }
}
