<?php

declare(strict_types=1);

namespace App\Formats\Json\Drawing;

use OpenApi\Attributes as OA;
use SteadyRung\Drawing\Point;

/**
 * A place in a side view in m: x right of the plumb line, y up from the floor.
 */
#[OA\Schema]
final readonly class SpotJson
{
    public function __construct(
        #[OA\Property]
        public float $x_m,
        #[OA\Property]
        public float $y_m,
    ) {
    }

    public static function of(Point $point): self
    {
        return new self($point->xM, $point->yM);
    }
}
