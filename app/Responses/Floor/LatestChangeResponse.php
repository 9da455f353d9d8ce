<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use OpenApi\Attributes as OA;

/**
 * The number of the latest news of a gym.
 */
#[OA\Schema(schema: 'Pulse')]
final readonly class LatestChangeResponse
{
    public function __construct(
        #[OA\Property]
        public int $cursor,
    ) {
    }
}
