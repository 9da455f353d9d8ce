<?php

declare(strict_types=1);

namespace App\Formats\Json\Kit;

use App\Formats\Json\Setups\HelpJson;
use OpenApi\Attributes as OA;

/**
 * The curve of a band on the bench, and what it takes off the chosen athlete.
 */
#[OA\Schema]
final readonly class BenchJson
{
    /**
     * @param  list<BandPointJson>  $points
     * @param  list<HelpJson>  $help
     */
    public function __construct(
        #[OA\Property]
        public BandCurveJson $curve,
        #[OA\Property(items: new OA\Items(ref: BandPointJson::class))]
        public array $points,
        #[OA\Property(items: new OA\Items(ref: HelpJson::class))]
        public array $help,
    ) {
    }
}
