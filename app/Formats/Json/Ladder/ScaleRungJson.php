<?php

declare(strict_types=1);

namespace App\Formats\Json\Ladder;

use OpenApi\Attributes as OA;

/**
 * One rung of the scale; bars on which it carries the same are named together.
 */
#[OA\Schema]
final readonly class ScaleRungJson
{
    /** @param  list<string>  $bars */
    public function __construct(
        #[OA\Property]
        public RungJson $rung,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $bars,
        #[OA\Property(description: 'Whether it is the set-up in use.')]
        public bool $chosen,
    ) {
    }
}
