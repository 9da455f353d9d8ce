<?php

declare(strict_types=1);

namespace App\Responses\Trend;

use OpenApi\Attributes as OA;

/**
 * The best seconds of each day.
 */
#[OA\Schema]
final readonly class TrendSecondsResponse
{
    /**
     * @param  list<TrendFigureResponse>  $hang
     * @param  list<TrendFigureResponse>  $hold
     * @param  list<TrendFigureResponse>  $lowering
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendFigureResponse::class))]
        public array $hang,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendFigureResponse::class))]
        public array $hold,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendFigureResponse::class))]
        public array $lowering,
    ) {
    }
}
