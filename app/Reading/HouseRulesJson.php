<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Method\House\HouseRules;

#[OA\Schema]
final readonly class HouseRulesJson
{
    /** @param  list<HouseRuleJson>  $rules */
    private function __construct(
        #[OA\Property(items: new OA\Items(ref: HouseRuleJson::class))]
        public array $rules,
    ) {
    }

    public static function of(HouseRules $rules): self
    {
        return new self(array_map(static fn (HouseRule $rule): HouseRuleJson => HouseRuleJson::of($rule, $rules->position($rule)), HouseRule::cases()));
    }
}
