<?php

declare(strict_types=1);

namespace App\Formats\Json\Setups;

use OpenApi\Attributes as OA;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Exercise\Style\UpBy;

/**
 * What can be done on a kind of set-up, and how it can be held.
 */
#[OA\Schema]
final readonly class DoableJson
{
    /**
     * @param  list<Movement>  $movements
     * @param  list<Grip>  $grips
     * @param  array<string, list<UpBy>>  $ways_up
     */
    private function __construct(
        #[OA\Property]
        public ChoiceKind $kind,
        #[OA\Property(items: new OA\Items(type: 'string', enum: Movement::class))]
        public array $movements,
        #[OA\Property(items: new OA\Items(type: 'string', enum: Grip::class))]
        public array $grips,
        #[OA\Property(
            type: 'object',
            description: 'By movement, the usual way first.',
            additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string', enum: UpBy::class)),
        )]
        public array $ways_up,
    ) {
    }

    /** @return list<self> */
    public static function all(): array
    {
        return array_map(static function (ChoiceKind $kind): self {
            $waysUp = [];
            foreach ($kind->movements() as $movement) {
                $waysUp[$movement->value] = $kind->waysUp($movement);
            }

            return new self($kind, $kind->movements(), $kind->grips(), $waysUp);
        }, ChoiceKind::cases());
    }
}
