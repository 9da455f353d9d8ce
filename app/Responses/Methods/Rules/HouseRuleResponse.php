<?php

declare(strict_types=1);

namespace App\Responses\Methods\Rules;

use OpenApi\Attributes as OA;
use SteadyRung\Method\House\HouseRule;

/**
 * A disputed point with its positions, and how this gym settles it.
 */
#[OA\Schema]
final readonly class HouseRuleResponse
{
    /**
     * @param  array<string, string>  $positions
     * @param  array<string, string>  $reasons
     */
    private function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $point,
        #[OA\Property(
            type: 'object',
            description: 'Words by position, the default first.',
            additionalProperties: new OA\AdditionalProperties(type: 'string'),
        )]
        public array $positions,
        #[OA\Property]
        public string $default,
        #[OA\Property(
            type: 'object',
            description: 'What speaks for each position.',
            additionalProperties: new OA\AdditionalProperties(type: 'string'),
        )]
        public array $reasons,
        #[OA\Property]
        public string $position,
    ) {
    }

    public static function of(HouseRule $rule, string $position): self
    {
        return new self($rule->value, $rule->point(), $rule->positions(), $rule->default(), $rule->reasons(), $position);
    }
}
