<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class InspectionPageJson
{
    /** @param  list<InspectionJson>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: InspectionJson::class))]
        public array $items,
        #[OA\Property]
        public ?int $next_page,
    ) {
    }
}
