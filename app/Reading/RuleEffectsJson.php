<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class RuleEffectsJson
{
    /** @param  list<RuleEffectJson>  $effects */
    public function __construct(
        #[OA\Property(description: 'Of those looked at, the ones whose next session or call would change.', items: new OA\Items(ref: RuleEffectJson::class))]
        public array $effects,
        #[OA\Property(description: 'How many athletes were looked at: those trained last.')]
        public int $looked_at,
    ) {
    }
}
