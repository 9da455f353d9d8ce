<?php

declare(strict_types=1);

namespace App\Responses\Board;

use App\Formats\Json\Setups\ExerciseJson;
use OpenApi\Attributes as OA;

/**
 * A set-up by its name, and where it stands.
 */
#[OA\Schema]
final readonly class BoardRungResponse
{
    /** @param  list<string>  $bands */
    private function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $name,
        #[OA\Property(ref: ExerciseJson::class)]
        public object $exercise,
        #[OA\Property(description: 'Of one set on it: reps, seconds or metres.')]
        public int $aim,
        #[OA\Property(description: 'The bar, rings or machine it is done at.', format: 'uuid')]
        public ?string $station,
        #[OA\Property(items: new OA\Items(type: 'string', format: 'uuid'))]
        public array $bands,
    ) {
    }

    public static function of(\stdClass $rung): self
    {
        return new self($rung->key, $rung->name, $rung->exercise, $rung->aim, $rung->station, $rung->bands);
    }
}
