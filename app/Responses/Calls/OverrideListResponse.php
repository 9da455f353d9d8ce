<?php

declare(strict_types=1);

namespace App\Responses\Calls;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class OverrideListResponse
{
    /** @param  list<OverrideRuleResponse>  $rules */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: OverrideRuleResponse::class))]
        public array $rules,
    ) {
    }
}
