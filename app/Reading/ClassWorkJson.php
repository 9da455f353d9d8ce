<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;

/**
 * What an athlete can do in a class that wants sets of so many reps.
 */
#[OA\Schema]
final readonly class ClassWorkJson
{
    /** @param  list<VariationJson>  $items */
    public function __construct(
        #[OA\Property]
        public int $reps,
        #[OA\Property(items: new OA\Items(ref: VariationJson::class))]
        public array $items,
    ) {
    }
}
