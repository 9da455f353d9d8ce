<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Formats\CoreJson\BandAnswer;
use OpenApi\Attributes as OA;

/**
 * The curve of a band on the bench, and what it takes off the chosen athlete.
 */
#[OA\Schema]
final readonly class BenchResource
{
    /**
     * @param  list<PointResource>  $points
     * @param  list<HelpResource>  $help
     */
    public function __construct(
        #[OA\Property]
        public BandAnswer $curve,
        #[OA\Property(items: new OA\Items(ref: PointResource::class))]
        public array $points,
        #[OA\Property(items: new OA\Items(ref: HelpResource::class))]
        public array $help,
    ) {
    }
}
