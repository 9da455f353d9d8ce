<?php

declare(strict_types=1);

namespace App\Http\Requests\Athletes;

use App\Formats\JsonObject;
use OpenApi\Attributes as OA;

/**
 * Whether an athlete is set aside.
 */
#[OA\Schema]
final readonly class ArchiveInput
{
    private function __construct(
        #[OA\Property]
        public bool $archived,
    ) {
    }

    public static function read(JsonObject $json): self
    {
        return new self($json->allowing('archived')->boolean('archived'));
    }
}
