<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/**
 * All gear of the gym, retired gear last.
 */
#[OA\Schema]
final readonly class KitResource
{
    /**
     * @param  list<GearResource>  $gear
     * @param  list<BandResource>  $bands
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: GearResource::class))]
        public array $gear,
        #[OA\Property(items: new OA\Items(ref: BandResource::class))]
        public array $bands,
    ) {
    }
}
