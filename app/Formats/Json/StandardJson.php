<?php

declare(strict_types=1);

namespace App\Formats\Json;

use OpenApi\Attributes as OA;
use SteadyRung\Call\Standard;

/**
 * What a session asks for.
 */
#[OA\Schema]
final readonly class StandardJson
{
    public function __construct(
        #[OA\Property]
        public int $sets,
        #[OA\Property]
        public int $gate_reps,
        #[OA\Property]
        public int $floor_reps,
    ) {
    }

    public static function of(Standard $standard): self
    {
        return new self($standard->sets, $standard->count, $standard->floor);
    }
}
