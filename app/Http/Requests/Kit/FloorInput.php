<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Kit\Floor;

/**
 * What the heels stand on.
 */
#[OA\Schema]
final readonly class FloorInput
{
    private function __construct(
        #[OA\Property]
        public Floor $floor,
    ) {
    }

    public static function read(JsonObject $json): self
    {
        return new self($json->allowing('floor')->choice('floor', Floor::class));
    }
}
