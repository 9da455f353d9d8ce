<?php

declare(strict_types=1);

namespace App\Responses\Methods;

use App\Formats\Methods\Library;
use OpenApi\Attributes as OA;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\GripTier;

/**
 * What goes with any method: builders after the first rep, variations of classes, the ladders of grip and trunk, work beside the pull.
 */
#[OA\Schema]
final readonly class LibraryResponse
{
    /**
     * @param  list<BuilderResponse>  $builders
     * @param  list<VariationResponse>  $variations
     * @param  list<GripTierResponse>  $grip
     * @param  list<string>  $trunk
     * @param  list<AccessoryResponse>  $accessories
     */
    private function __construct(
        #[OA\Property(items: new OA\Items(ref: BuilderResponse::class))]
        public array $builders,
        #[OA\Property(items: new OA\Items(ref: VariationResponse::class))]
        public array $variations,
        #[OA\Property(items: new OA\Items(ref: GripTierResponse::class))]
        public array $grip,
        #[OA\Property(description: 'A minute each.', items: new OA\Items(type: 'string'))]
        public array $trunk,
        #[OA\Property(items: new OA\Items(ref: AccessoryResponse::class))]
        public array $accessories,
    ) {
    }

    public static function whole(): self
    {
        return new self(
            array_map(BuilderResponse::of(...), Library::builders()),
            array_map(VariationResponse::of(...), Library::variations()),
            array_map(GripTierResponse::of(...), GripTier::cases()),
            array_map(static fn (Accessory $a): string => $a->words(), Accessory::trunkLadder()),
            array_map(AccessoryResponse::of(...), Accessory::cases()),
        );
    }
}
