<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\Json\Setups\PredictionJson;
use OpenApi\Attributes as OA;
use SteadyRung\Exercise\Rung;
use SteadyRung\Floor\Station;
use SteadyRung\Strength\RepPrediction;

/**
 * A set-up as the floor needs it: its name, its gear, what it carries and what is likely.
 */
#[OA\Schema(schema: 'SheetRung')]
final readonly class SheetRungResponse
{
    /**
     * @param  list<string>  $bands
     */
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public ExerciseJson $exercise,
        #[OA\Property(description: 'Carried share of bodyweight.')]
        public float $share,
        #[OA\Property(description: 'Clean reps that are likely; none before a baseline.')]
        public ?PredictionJson $prediction,
        #[OA\Property(description: 'Of one set on it: reps, seconds or metres.')]
        public int $aim,
        #[OA\Property(description: 'The bar, rings or machine it is done at.', format: 'uuid')]
        public ?string $station,
        #[OA\Property(items: new OA\Items(type: 'string', format: 'uuid'))]
        public array $bands,
    ) {
    }

    public static function of(Rung $rung, ?RepPrediction $likely, int $aim): self
    {
        return new self(
            key: $rung->key(),
            name: $rung->name,
            exercise: ExerciseJson::of($rung->exercise),
            share: $rung->share(),
            prediction: $likely === null ? null : PredictionJson::of($likely),
            aim: $aim,
            station: Station::of($rung->exercise->setup),
            bands: $rung->exercise->setup->bandIds(),
        );
    }
}
