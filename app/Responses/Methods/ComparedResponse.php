<?php

declare(strict_types=1);

namespace App\Responses\Methods;

use OpenApi\Attributes as OA;

/**
 * One virtual athlete trained by a method.
 */
#[OA\Schema]
final readonly class ComparedResponse
{
    public function __construct(
        #[OA\Property(description: 'Weeks to the first strict rep; none within the year.')]
        public ?float $weeks,
        #[OA\Property]
        public int $sessions,
        #[OA\Property]
        public int $lowerings,
        #[OA\Property]
        public int $failed_sets,
        #[OA\Property]
        public int $wasted_sessions,
    ) {
    }
}
