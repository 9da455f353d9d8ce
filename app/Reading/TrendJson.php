<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;
use SteadyRung\Exercise\Choices\Pattern;

/**
 * Capacity over time, and what belongs to it.
 */
#[OA\Schema]
final readonly class TrendJson
{
    /**
     * @param  list<Pattern>  $patterns
     * @param  list<TrendPointJson>  $points
     * @param  list<TrendMarkJson>  $marks
     * @param  list<TrendBreakJson>  $breaks
     * @param  list<TrendAheadJson>  $ahead
     * @param  list<TrendFigureJson>  $masses
     * @param  list<TrendWorkJson>  $work
     * @param  list<ForecastJson>  $forecasts
     * @param  list<ForecastScoreJson>  $scores
     */
    public function __construct(
        #[OA\Property()]
        public string $name,
        #[OA\Property()]
        public Pattern $pattern,
        #[OA\Property(description: 'Those with a capacity of their own.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $patterns,
        #[OA\Property()]
        public TrendRange $range,
        #[OA\Property(format: 'date')]
        public string $from,
        #[OA\Property(format: 'date')]
        public string $today,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendPointJson::class))]
        public array $points,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendMarkJson::class))]
        public array $marks,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendBreakJson::class))]
        public array $breaks,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendAheadJson::class))]
        public array $ahead,
        #[OA\Property(format: 'date')]
        public ?string $first_rep_on,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendFigureJson::class))]
        public array $masses,
        #[OA\Property()]
        public TrendSecondsJson $seconds,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendWorkJson::class))]
        public array $work,
        #[OA\Property(description: 'The piece of time each stands for.', type: 'string', enum: ['week', 'month'])]
        public string $work_each,
        #[OA\Property(description: 'What the latest telling set taught.')]
        public ?string $taught,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ForecastJson::class))]
        public array $forecasts,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ForecastScoreJson::class))]
        public array $scores,
    ) {
    }
}
