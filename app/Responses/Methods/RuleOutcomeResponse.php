<?php

declare(strict_types=1);

namespace App\Responses\Methods;

use OpenApi\Attributes as OA;

/**
 * What followed from each position of a rule that not all keep to alike.
 */
#[OA\Schema]
final readonly class RuleOutcomeResponse
{
    /** @param  list<OutcomeResponse>  $positions */
    public function __construct(
        #[OA\Property]
        public string $rule,
        #[OA\Property]
        public string $point,
        #[OA\Property(items: new OA\Items(ref: OutcomeResponse::class))]
        public array $positions,
    ) {
    }
}
