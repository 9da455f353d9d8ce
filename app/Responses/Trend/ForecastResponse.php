<?php

declare(strict_types=1);

namespace App\Responses\Trend;

use OpenApi\Attributes as OA;
use SteadyRung\Strength\ForecastVerdict;

/**
 * When so many strict reps will come.
 */
#[OA\Schema]
final readonly class ForecastResponse
{
    public function __construct(
        #[OA\Property()]
        public int $reps,
        #[OA\Property()]
        public ForecastVerdict $verdict,
        #[OA\Property(description: 'Chance within 4 weeks, given that it has not come yet.')]
        public float $within_4,
        #[OA\Property()]
        public float $within_8,
        #[OA\Property()]
        public float $within_12,
        #[OA\Property()]
        public float $within_26,
        #[OA\Property(format: 'date')]
        public ?string $median_on,
        #[OA\Property(description: 'What stands in the way, where no date can be given.')]
        public ?string $limit,
    ) {
    }
}
