<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Formats\JsonObject;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ClearanceInput
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'Who looked at it and what was found.', maxLength: 500)]
        public string $note,
    ) {
    }

    public static function read(JsonObject $json): self
    {
        $json->allowing('id', 'note');

        return new self($json->uuid('id'), $json->text('note', 500));
    }
}
