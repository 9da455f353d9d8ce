<?php

declare(strict_types=1);

namespace App\Responses\Trend;

use App\Formats\Day;
use OpenApi\Attributes as OA;
use SteadyRung\Strength\Forecast;
use SteadyRung\Strength\ForecastVerdict;

/**
 * When so many strict reps will come: chances and dates given that they have not come yet.
 */
#[OA\Schema]
final readonly class ForecastResponse
{
    private const DAYS_A_WEEK = 7.0;

    private function __construct(
        #[OA\Property]
        public int $reps,
        #[OA\Property]
        public ForecastVerdict $verdict,
        #[OA\Property(description: 'Chance within 4 weeks, given that it has not come yet.')]
        public float $within_4,
        #[OA\Property]
        public float $within_8,
        #[OA\Property]
        public float $within_12,
        #[OA\Property]
        public float $within_26,
        #[OA\Property(description: 'One time in ten it has come by then; none where that lies beyond a year.', format: 'date')]
        public ?string $soonest_on,
        #[OA\Property(description: 'Every other time it has come by then; likewise.', format: 'date')]
        public ?string $median_on,
        #[OA\Property(description: 'Nine times in ten it has come by then; likewise.', format: 'date')]
        public ?string $latest_on,
        #[OA\Property(description: 'What stands in the way, where no date can be given.')]
        public ?string $limit,
    ) {
    }

    public static function of(Forecast $forecast, int $today): self
    {
        $by = static function (float $chance) use ($forecast, $today): ?string {
            $weeks = $forecast->weeksFromNow($chance);

            return $weeks === null ? null : Day::date($today + (int) ceil(self::DAYS_A_WEEK * $weeks));
        };
        [$four, $eight, $twelve, $twentySix] = array_map($forecast->within(...), Forecast::HORIZONS);

        return new self(
            reps: $forecast->reps,
            verdict: $forecast->verdict(),
            within_4: $four,
            within_8: $eight,
            within_12: $twelve,
            within_26: $twentySix,
            soonest_on: $by(0.1),
            median_on: $by(0.5),
            latest_on: $by(0.9),
            limit: $forecast->limit(),
        );
    }
}
