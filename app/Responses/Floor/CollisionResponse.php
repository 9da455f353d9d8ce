<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use OpenApi\Attributes as OA;
use SteadyRung\Floor\Collision\Collision;

/**
 * Two who will need one band, box or station at the same time.
 */
#[OA\Schema(schema: 'Collision')]
final readonly class CollisionResponse
{
    /** @param  list<WayOutResponse>  $ways */
    private function __construct(
        #[OA\Property(description: 'The gear or station that both need.', format: 'uuid')]
        public string $piece,
        #[OA\Property(description: 'When both are ready, from the beginning of the class.')]
        public int $at_s,
        #[OA\Property(description: 'Who goes first as told.')]
        public TurnResponse $first,
        #[OA\Property]
        public TurnResponse $second,
        #[OA\Property(description: 'The best first.', items: new OA\Items(ref: WayOutResponse::class))]
        public array $ways,
    ) {
    }

    public static function of(Collision $c): self
    {
        return new self(
            $c->piece,
            $c->atS,
            TurnResponse::of($c->first),
            TurnResponse::of($c->second),
            array_map(WayOutResponse::of(...), $c->ways),
        );
    }
}
