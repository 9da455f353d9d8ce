<?php

declare(strict_types=1);

namespace App\Responses\Trend;

use App\Responses\Log\BestResponse;
use OpenApi\Attributes as OA;
use SteadyRung\Exercise\Choices\Pattern;

/**
 * Capacity over time, and what belongs to it.
 */
#[OA\Schema]
final readonly class TrendResponse
{
    /**
     * @param  list<Pattern>  $patterns
     * @param  list<TrendPointResponse>  $points
     * @param  list<TrendMarkResponse>  $marks
     * @param  list<TrendBreakResponse>  $breaks
     * @param  list<TrendAheadResponse>  $ahead
     * @param  list<TrendFigureResponse>  $masses
     * @param  list<TrendWorkResponse>  $work
     * @param  list<ForecastResponse>  $forecasts
     * @param  list<ForecastScoreResponse>  $scores
     * @param  list<BestResponse>  $bests
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
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendPointResponse::class))]
        public array $points,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendMarkResponse::class))]
        public array $marks,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendBreakResponse::class))]
        public array $breaks,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendAheadResponse::class))]
        public array $ahead,
        #[OA\Property(format: 'date')]
        public ?string $first_rep_on,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendFigureResponse::class))]
        public array $masses,
        #[OA\Property()]
        public TrendSecondsResponse $seconds,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendWorkResponse::class))]
        public array $work,
        #[OA\Property(description: 'The piece of time each stands for.', type: 'string', enum: ['week', 'month'])]
        public string $work_each,
        #[OA\Property(description: 'What the latest telling set taught.')]
        public ?string $taught,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ForecastResponse::class))]
        public array $forecasts,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ForecastScoreResponse::class))]
        public array $scores,
        #[OA\Property(
            description: 'The best on each set-up, hardest first, whatever the range.',
            type: 'array',
            items: new OA\Items(ref: BestResponse::class),
        )]
        public array $bests,
    ) {
    }
}
