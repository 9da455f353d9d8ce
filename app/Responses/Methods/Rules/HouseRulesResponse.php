<?php

declare(strict_types=1);

namespace App\Responses\Methods\Rules;

use OpenApi\Attributes as OA;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Method\House\HouseRules;

#[OA\Schema]
final readonly class HouseRulesResponse
{
    /** @param  list<HouseRuleResponse>  $rules */
    private function __construct(
        #[OA\Property(items: new OA\Items(ref: HouseRuleResponse::class))]
        public array $rules,
    ) {
    }

    public static function of(HouseRules $rules): self
    {
        return new self(array_map(
            static fn (HouseRule $rule): HouseRuleResponse => HouseRuleResponse::of($rule, $rules->position($rule)),
            HouseRule::cases(),
        ));
    }
}
