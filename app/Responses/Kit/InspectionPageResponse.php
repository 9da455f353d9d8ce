<?php

declare(strict_types=1);

namespace App\Responses\Kit;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class InspectionPageResponse
{
    /** @param  list<InspectionResponse>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: InspectionResponse::class))]
        public array $items,
        #[OA\Property]
        public ?int $next_page,
    ) {
    }
}
