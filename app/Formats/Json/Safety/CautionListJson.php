<?php

declare(strict_types=1);

namespace App\Formats\Json\Safety;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class CautionListJson
{
    /** @param  list<CautionJson>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: CautionJson::class))]
        public array $items,
    ) {
    }
}
