<?php

declare(strict_types=1);

namespace App\Responses\Sessions;

use App\Formats\Json\Ladder\RungJson;
use App\Responses\Methods\AccessoryResponse;
use OpenApi\Attributes as OA;
use SteadyRung\Method\Accessory;
use SteadyRung\Safety\Limits;

/**
 * What could be done in the place of a line of the session.
 */
#[OA\Schema]
final readonly class OtherRungsResponse
{
    /**
     * @param  list<RungJson>  $rungs
     * @param  list<AccessoryResponse>  $accessories
     */
    private function __construct(
        #[OA\Property(
            description: 'Nearest in carried share first; none in the place of work beside the pull.',
            items: new OA\Items(ref: RungJson::class),
        )]
        public array $rungs,
        #[OA\Property(items: new OA\Items(ref: AccessoryResponse::class))]
        public array $accessories,
    ) {
    }

    /** @param  list<RungJson>  $rungs */
    public static function of(array $rungs, Limits $limits): self
    {
        $accessories = array_filter(Accessory::cases(), static fn (Accessory $a): bool => $a->isWithin($limits));

        return new self($rungs, array_map(AccessoryResponse::of(...), array_values($accessories)));
    }
}
