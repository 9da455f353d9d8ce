<?php

declare(strict_types=1);

namespace App\Responses\Log;

use OpenApi\Attributes as OA;

/**
 * What became of each set of a queue, in its order.
 */
#[OA\Schema]
final readonly class QueueOutcomeResponse
{
    /** @param  list<QueuedOutcomeResponse>  $outcomes */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: QueuedOutcomeResponse::class))]
        public array $outcomes,
    ) {
    }
}
