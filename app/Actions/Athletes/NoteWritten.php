<?php

declare(strict_types=1);

namespace App\Actions\Athletes;

use App\Formats\Inputs\Checked;
use App\Formats\JsonObject;
use OpenApi\Attributes as OA;

/**
 * Something to remember of an athlete.
 */
#[OA\Schema(schema: 'NoteInput')]
final readonly class NoteWritten implements Checked
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(maxLength: 1000)]
        public string $text,
    ) {
    }

    public function check(JsonObject $json): void
    {
        if (trim($this->text) === '') {
            throw $json->fault('text', 'A note needs something in it.');
        }
    }
}
