<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class OverrideListJson
{
    /** @param  list<OverrideRuleJson>  $rules */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: OverrideRuleJson::class))]
        public array $rules,
    ) {
    }
}
