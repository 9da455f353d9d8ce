<?php

declare(strict_types=1);

namespace App\Responses\Athletes;

use App\Formats\Json\Setups\ProportionJson;
use OpenApi\Attributes as OA;
use SteadyRung\Body\ReachSource;

/**
 * An athlete's body: what everything is computed from, and the mass over time.
 */
#[OA\Schema]
final readonly class BodyResponse
{
    /**
     * @param  list<ProportionJson>  $proportions
     * @param  list<WeighingResponse>  $weighings
     */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $athlete_id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $mass_kg,
        #[OA\Property]
        public float $stature_m,
        #[OA\Property]
        public float $reach_m,
        #[OA\Property]
        public ReachSource $reach_source,
        #[OA\Property(description: 'Standard deviation of the reach.')]
        public float $reach_sd_m,
        #[OA\Property(items: new OA\Items(ref: ProportionJson::class))]
        public array $proportions,
        #[OA\Property(description: 'Latest first.', items: new OA\Items(ref: WeighingResponse::class))]
        public array $weighings,
    ) {
    }
}
