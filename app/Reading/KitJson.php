<?php

declare(strict_types=1);

namespace App\Reading;

use App\Formats\Json\DoableJson;
use OpenApi\Attributes as OA;
use SteadyRung\Kit\Floor;

/**
 * All gear of the gym, retired gear last.
 */
#[OA\Schema]
final readonly class KitJson
{
    /**
     * @param  list<GearJson>  $gear
     * @param  list<BandJson>  $bands
     * @param  list<DamagedJson>  $damaged
     * @param  list<DoableJson>  $doable
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: GearJson::class))]
        public array $gear,
        #[OA\Property(items: new OA\Items(ref: BandJson::class))]
        public array $bands,
        #[OA\Property(description: 'Pieces that cannot be read any more.', items: new OA\Items(ref: DamagedJson::class))]
        public array $damaged,
        #[OA\Property(description: 'What the heels stand on.')]
        public Floor $floor,
        #[OA\Property(description: 'What can be done on each kind of set-up.', items: new OA\Items(ref: DoableJson::class))]
        public array $doable,
    ) {
    }
}
