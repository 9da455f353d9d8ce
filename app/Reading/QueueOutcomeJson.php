<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;

/**
 * What became of each set of a queue, in its order.
 */
#[OA\Schema]
final readonly class QueueOutcomeJson
{
    /** @param  list<DeedOutcomeJson>  $outcomes */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: DeedOutcomeJson::class))]
        public array $outcomes,
    ) {
    }
}
