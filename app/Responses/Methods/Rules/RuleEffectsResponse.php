<?php

declare(strict_types=1);

namespace App\Responses\Methods\Rules;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class RuleEffectsResponse
{
    /** @param  list<RuleEffectResponse>  $effects */
    public function __construct(
        #[OA\Property(
            description: 'Of those looked at, the ones whose next session or call would change.',
            items: new OA\Items(ref: RuleEffectResponse::class),
        )]
        public array $effects,
        #[OA\Property(description: 'How many athletes were looked at: those trained last.')]
        public int $looked_at,
    ) {
    }
}
