<?php

declare(strict_types=1);

namespace App\Reading;

use App\Formats\Library;
use OpenApi\Attributes as OA;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\GripTier;

/**
 * What goes with any method: builders after the first rep, variations of classes, the ladders of grip and trunk, work beside the pull.
 */
#[OA\Schema]
final readonly class LibraryJson
{
    /**
     * @param  list<BuilderJson>  $builders
     * @param  list<VariationJson>  $variations
     * @param  list<GripTierJson>  $grip
     * @param  list<string>  $trunk
     * @param  list<AccessoryJson>  $accessories
     */
    private function __construct(
        #[OA\Property(items: new OA\Items(ref: BuilderJson::class))]
        public array $builders,
        #[OA\Property(items: new OA\Items(ref: VariationJson::class))]
        public array $variations,
        #[OA\Property(items: new OA\Items(ref: GripTierJson::class))]
        public array $grip,
        #[OA\Property(description: 'A minute each.', items: new OA\Items(type: 'string'))]
        public array $trunk,
        #[OA\Property(items: new OA\Items(ref: AccessoryJson::class))]
        public array $accessories,
    ) {
    }

    public static function whole(): self
    {
        return new self(
            array_map(BuilderJson::of(...), Library::builders()),
            array_map(VariationJson::of(...), Library::variations()),
            array_map(GripTierJson::of(...), GripTier::cases()),
            array_map(static fn (Accessory $a): string => $a->words(), Accessory::trunkLadder()),
            array_map(AccessoryJson::of(...), Accessory::cases()),
        );
    }
}
