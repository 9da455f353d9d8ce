<?php

declare(strict_types=1);

namespace App\Formats\CoreJson;

use App\Formats\ChoiceJson;
use OpenApi\Attributes as OA;
use SteadyRung\Ladder\Rung;
use SteadyRung\Strength\RepPrediction;

/**
 * A set-up of this gym's gear for one athlete.
 */
#[OA\Schema]
final readonly class RungAnswer
{
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public ChoiceJson $choice,
        #[OA\Property]
        public CarriedAnswer $carried,
        #[OA\Property(description: 'None before a first baseline.')]
        public ?PredictionAnswer $prediction,
    ) {
    }

    public static function of(Rung $rung, ?RepPrediction $prediction): self
    {
        return new self(
            $rung->choice->key(),
            $rung->name,
            ChoiceJson::of($rung->choice),
            CarriedAnswer::of($rung->load),
            $prediction === null ? null : PredictionAnswer::of($prediction),
        );
    }
}
