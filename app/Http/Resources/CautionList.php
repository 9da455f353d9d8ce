<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Formats\CoreJson\CautionAnswer;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class CautionList
{
    /** @param  list<CautionAnswer>  $items */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: CautionAnswer::class))]
        public array $items,
    ) {
    }
}
