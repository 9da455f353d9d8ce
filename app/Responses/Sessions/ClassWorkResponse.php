<?php

declare(strict_types=1);

namespace App\Responses\Sessions;

use App\Responses\Methods\VariationResponse;
use OpenApi\Attributes as OA;

/**
 * What an athlete can do in a class that wants sets of so many reps.
 */
#[OA\Schema]
final readonly class ClassWorkResponse
{
    /** @param  list<VariationResponse>  $items */
    public function __construct(
        #[OA\Property]
        public int $reps,
        #[OA\Property(items: new OA\Items(ref: VariationResponse::class))]
        public array $items,
    ) {
    }
}
