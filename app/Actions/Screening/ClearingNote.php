<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Formats\Inputs\Checked;
use App\Formats\JsonObject;
use OpenApi\Attributes as OA;

/**
 * What ends a pause for pain: a coach's note.
 */
#[OA\Schema(schema: 'ClearanceInput')]
final readonly class ClearingNote implements Checked
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'Who looked at it and what was found.', maxLength: 500)]
        public string $note,
    ) {
    }

    public function check(JsonObject $json): void
    {
        if (preg_match('/\p{L}{2,}/u', $this->note) !== 1) {
            throw $json->fault('note', 'Say in words who looked at it and what was found.');
        }
    }
}
