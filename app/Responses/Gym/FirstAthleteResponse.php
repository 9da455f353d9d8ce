<?php

declare(strict_types=1);

namespace App\Responses\Gym;

use OpenApi\Attributes as OA;

/**
 * The athlete a new gym begins with.
 */
#[OA\Schema(schema: 'FirstAthlete')]
final readonly class FirstAthleteResponse
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
    ) {
    }
}
