<?php

declare(strict_types=1);

namespace App\Formats\Json\Ladder;

use App\Formats\Json\Setups\NamedMisfitJson;
use OpenApi\Attributes as OA;

/**
 * The upright scale of carried share: the rungs from the least carried to the most, and what does not fit.
 */
#[OA\Schema]
final readonly class ScaleJson
{
    /**
     * @param  list<ScaleRungJson>  $rungs
     * @param  list<NamedMisfitJson>  $misfits
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: ScaleRungJson::class))]
        public array $rungs,
        #[OA\Property(items: new OA\Items(ref: NamedMisfitJson::class))]
        public array $misfits,
    ) {
    }
}
