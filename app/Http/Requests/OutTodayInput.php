<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Formats\JsonObject;
use OpenApi\Attributes as OA;

/**
 * Whether a piece of gear is out of use for today.
 */
#[OA\Schema]
final readonly class OutTodayInput
{
    private function __construct(
        #[OA\Property]
        public bool $out,
    ) {
    }

    public static function read(JsonObject $json): self
    {
        return new self($json->allowing('out')->boolean('out'));
    }
}
