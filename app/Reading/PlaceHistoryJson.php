<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class PlaceHistoryJson
{
    /** @param  list<PlaceMoveJson>  $moves */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: PlaceMoveJson::class))]
        public array $moves,
    ) {
    }
}
