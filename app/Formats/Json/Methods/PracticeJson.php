<?php

declare(strict_types=1);

namespace App\Formats\Json\Methods;

use OpenApi\Attributes as OA;
use SteadyRung\Exercise\Practice;

/**
 * How an exercise is done until a method says otherwise.
 */
#[OA\Schema]
final readonly class PracticeJson
{
    /**
     * @param  list<int>  $rest_s
     * @param  list<string>  $cues
     */
    private function __construct(
        #[OA\Property]
        public string $tempo,
        #[OA\Property(description: 'Rest between sets, from and to.', items: new OA\Items(type: 'integer'), minItems: 2, maxItems: 2)]
        public array $rest_s,
        #[OA\Property(items: new OA\Items(type: 'string'), minItems: 2, maxItems: 2)]
        public array $cues,
    ) {
    }

    public static function of(Practice $practice): self
    {
        return new self($practice->tempo, $practice->restS, $practice->cues);
    }
}
