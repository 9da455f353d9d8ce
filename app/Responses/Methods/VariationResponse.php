<?php

declare(strict_types=1);

namespace App\Responses\Methods;

use App\Formats\Json\Ladder\RungJson;
use OpenApi\Attributes as OA;
use SteadyRung\Method\Variation;

/**
 * What is done in a class that wants sets of so many reps.
 */
#[OA\Schema]
final readonly class VariationResponse
{
    /** @param  array{int, int}  $reps */
    private function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $name,
        #[OA\Property(items: new OA\Items(type: 'integer'))]
        public array $reps,
        #[OA\Property]
        public ?string $note,
        #[OA\Property(description: 'For one athlete, on this gear.')]
        public ?RungJson $rung,
    ) {
    }

    public static function of(Variation $v, ?RungJson $rung = null): self
    {
        return new self($v->key, $v->name, $v->reps, $v->note, $rung);
    }
}
