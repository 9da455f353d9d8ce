<?php

declare(strict_types=1);

namespace App\Formats\Json\Methods;

use App\Formats\Day;
use OpenApi\Attributes as OA;
use SteadyRung\Method\Method;
use SteadyRung\Method\Stage;

/**
 * Where an athlete stands in a method.
 */
#[OA\Schema]
final readonly class PlaceJson
{
    public function __construct(
        #[OA\Property]
        public string $method,
        #[OA\Property]
        public string $method_name,
        #[OA\Property]
        public string $stage,
        #[OA\Property]
        public string $stage_name,
        #[OA\Property(description: 'Which of the stages it is, from 1 on.')]
        public int $number,
        #[OA\Property]
        public int $of,
        #[OA\Property(format: 'date')]
        public string $since,
        #[OA\Property(description: 'What ends the stage.')]
        public string $gate,
        #[OA\Property]
        public ?string $next_stage_name,
    ) {
    }

    public static function of(Method $method, Stage $stage, int $since): self
    {
        $at = (int) array_search($stage, $method->stages, true);

        return new self(
            method: $method->key,
            method_name: $method->name,
            stage: $stage->key,
            stage_name: $stage->name,
            number: $at + 1,
            of: count($method->stages),
            since: Day::date($since),
            gate: $stage->gate->words(),
            next_stage_name: $method->after($stage)?->name,
        );
    }
}
