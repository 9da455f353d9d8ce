<?php

declare(strict_types=1);

namespace App\Responses\Methods;

use OpenApi\Attributes as OA;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Method;

/**
 * A method as it stands beside the others.
 */
#[OA\Schema]
final readonly class MethodStripResponse
{
    /**
     * @param  list<int>  $per_week
     * @param  list<StageStripResponse>  $stages
     * @param  list<MethodWordsResponse>  $says
     * @param  list<string>  $lacks
     */
    private function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $idea,
        #[OA\Property(items: new OA\Items(type: 'integer'), minItems: 2, maxItems: 2)]
        public array $per_week,
        #[OA\Property(items: new OA\Items(ref: StageStripResponse::class))]
        public array $stages,
        #[OA\Property(items: new OA\Items(ref: MethodWordsResponse::class))]
        public array $says,
        #[OA\Property(description: 'Whether the gym made it or brought it in.')]
        public bool $own,
        #[OA\Property(description: 'How many athletes are on it.')]
        public int $athletes,
        #[OA\Property(description: 'Stages that nothing in the gym’s kit can be built for.', items: new OA\Items(type: 'string'))]
        public array $lacks,
        #[OA\Property(description: 'Where the stages stand in another order here than the method has them: by which position.')]
        public ?string $ordered_by,
    ) {
    }

    /**
     * With its stages in the order the house takes them.
     *
     * @param  list<string>  $lacks
     */
    public static function of(Method $method, HouseRules $house, bool $own, int $athletes, array $lacks): self
    {
        $rules = $house->for($method);
        $stages = $rules->inOrder($method)->stages;
        $says = [];
        foreach ($method->says as $rule => $position) {
            $known = HouseRule::from($rule);
            $says[] = new MethodWordsResponse($rule, $known->point(), $known->positions()[$position]);
        }

        return new self(
            key: $method->key,
            name: $method->name,
            idea: $method->idea,
            per_week: $method->perWeek,
            stages: array_map(StageStripResponse::of(...), $stages),
            says: $says,
            own: $own,
            athletes: $athletes,
            lacks: $lacks,
            ordered_by: $stages === $method->stages ? null : HouseRule::LoweringStands->positions()[$rules->position(HouseRule::LoweringStands)],
        );
    }
}
