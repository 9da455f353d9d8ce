<?php

declare(strict_types=1);

namespace App\Responses\Methods;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class PlaceHistoryResponse
{
    /** @param  list<PlaceMoveResponse>  $moves */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: PlaceMoveResponse::class))]
        public array $moves,
    ) {
    }
}
