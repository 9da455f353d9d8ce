<?php

declare(strict_types=1);

namespace App\Responses\Log;

use App\Problems\ProblemJson;
use OpenApi\Attributes as OA;

/**
 * What became of one queued set: it is stored, or refused with the reason.
 */
#[OA\Schema]
final readonly class QueuedOutcomeResponse
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public ?SetResponse $stored,
        #[OA\Property]
        public ?ProblemJson $problem,
    ) {
    }
}
