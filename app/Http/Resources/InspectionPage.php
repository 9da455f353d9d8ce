<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class InspectionPage
{
    /** @param  list<InspectionResource>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: InspectionResource::class))]
        public array $items,
        #[OA\Property]
        public ?int $next_page,
    ) {
    }
}
