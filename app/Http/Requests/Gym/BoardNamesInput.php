<?php

declare(strict_types=1);

namespace App\Http\Requests\Gym;

use OpenApi\Attributes as OA;
use SteadyRung\Floor\BoardNames;

/**
 * How athletes are called on a board on the wall.
 */
#[OA\Schema]
final readonly class BoardNamesInput
{
    public function __construct(
        #[OA\Property]
        public BoardNames $names,
    ) {
    }
}
