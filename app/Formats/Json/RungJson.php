<?php

declare(strict_types=1);

namespace App\Formats\Json;

use OpenApi\Attributes as OA;
use SteadyRung\Exercise\Rung;
use SteadyRung\Strength\RepPrediction;

/**
 * A set-up of this gym's gear for one athlete.
 */
#[OA\Schema]
final readonly class RungJson
{
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public ExerciseJson $exercise,
        #[OA\Property]
        public CarriedJson $carried,
        #[OA\Property(description: 'None before a first baseline.')]
        public ?PredictionJson $prediction,
    ) {
    }

    public static function of(Rung $rung, ?RepPrediction $prediction): self
    {
        return new self(
            $rung->key(),
            $rung->name,
            ExerciseJson::of($rung->exercise),
            CarriedJson::of($rung->load),
            $prediction === null ? null : PredictionJson::of($prediction),
        );
    }
}
