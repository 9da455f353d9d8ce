<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;

/**
 * The best seconds of each day.
 */
#[OA\Schema]
final readonly class TrendSecondsJson
{
    /**
     * @param  list<TrendFigureJson>  $hang
     * @param  list<TrendFigureJson>  $hold
     * @param  list<TrendFigureJson>  $lowering
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendFigureJson::class))]
        public array $hang,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendFigureJson::class))]
        public array $hold,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrendFigureJson::class))]
        public array $lowering,
    ) {
    }
}
