<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use OpenApi\Attributes as OA;
use SteadyRung\Kit\Floor;

/**
 * What the heels stand on.
 */
#[OA\Schema]
final readonly class FloorInput
{
    public function __construct(
        #[OA\Property]
        public Floor $floor,
    ) {
    }
}
