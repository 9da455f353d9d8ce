<?php

declare(strict_types=1);

namespace App\Responses\Kit;

use App\Formats\Json\Setups\DoableJson;
use OpenApi\Attributes as OA;
use SteadyRung\Kit\Floor;

/**
 * All gear of the gym, retired gear last.
 */
#[OA\Schema]
final readonly class KitResponse
{
    /**
     * @param  list<GearResponse>  $gear
     * @param  list<BandResponse>  $bands
     * @param  list<DamagedResponse>  $damaged
     * @param  list<DoableJson>  $doable
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: GearResponse::class))]
        public array $gear,
        #[OA\Property(items: new OA\Items(ref: BandResponse::class))]
        public array $bands,
        #[OA\Property(description: 'Pieces that cannot be read any more.', items: new OA\Items(ref: DamagedResponse::class))]
        public array $damaged,
        #[OA\Property(description: 'What the heels stand on.')]
        public Floor $floor,
        #[OA\Property(description: 'What can be done on each kind of set-up.', items: new OA\Items(ref: DoableJson::class))]
        public array $doable,
    ) {
    }
}
