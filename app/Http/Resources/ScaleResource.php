<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/**
 * The upright scale of carried share: the rungs from the least carried to the most, and what does not fit.
 */
#[OA\Schema]
final readonly class ScaleResource
{
    /**
     * @param  list<ScaleRung>  $rungs
     * @param  list<MisfitResource>  $misfits
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: ScaleRung::class))]
        public array $rungs,
        #[OA\Property(items: new OA\Items(ref: MisfitResource::class))]
        public array $misfits,
    ) {
    }
}
