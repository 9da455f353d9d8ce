<?php

declare(strict_types=1);

namespace App\Responses\Calls;

use OpenApi\Attributes as OA;
use SteadyRung\Call\Verdict;

/**
 * How often calls of one rule were overridden, and what was called after that.
 */
#[OA\Schema]
final readonly class OverrideRuleResponse
{
    /** @param  list<OverrideThenResponse>  $then */
    public function __construct(
        #[OA\Property]
        public Verdict $verdict,
        #[OA\Property]
        public string $rule,
        #[OA\Property]
        public int $decided,
        #[OA\Property]
        public int $overridden,
        #[OA\Property(items: new OA\Items(ref: OverrideThenResponse::class))]
        public array $then,
    ) {
    }
}
