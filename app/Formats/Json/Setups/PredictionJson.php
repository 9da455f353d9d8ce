<?php

declare(strict_types=1);

namespace App\Formats\Json\Setups;

use OpenApi\Attributes as OA;
use SteadyRung\Strength\RepPrediction;

/**
 * Clean reps to expect in one set.
 */
#[OA\Schema]
final readonly class PredictionJson
{
    public function __construct(
        #[OA\Property(description: 'Median.')]
        public float $reps,
        #[OA\Property]
        public float $low80,
        #[OA\Property]
        public float $high80,
        #[OA\Property(description: 'Whether it lies above 20 reps: then only "at least 20" is said.')]
        public bool $clipped,
    ) {
    }

    public static function of(RepPrediction $prediction): self
    {
        return new self($prediction->median(), $prediction->low80(), $prediction->high80(), $prediction->isClipped());
    }
}
