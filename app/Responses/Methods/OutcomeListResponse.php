<?php

declare(strict_types=1);

namespace App\Responses\Methods;

use OpenApi\Attributes as OA;

/**
 * What this gym's own log says of its methods and rules.
 */
#[OA\Schema]
final readonly class OutcomeListResponse
{
    /**
     * @param  list<OutcomeResponse>  $methods
     * @param  list<RuleOutcomeResponse>  $rules
     */
    public function __construct(
        #[OA\Property(description: 'Looked back over so many.')]
        public int $weeks,
        #[OA\Property(items: new OA\Items(ref: OutcomeResponse::class))]
        public array $methods,
        #[OA\Property(items: new OA\Items(ref: RuleOutcomeResponse::class))]
        public array $rules,
    ) {
    }
}
