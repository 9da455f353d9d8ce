<?php

declare(strict_types=1);

namespace App\Formats\CoreJson;

use OpenApi\Attributes as OA;
use SteadyRung\Drawing\Dimension;

/**
 * A measurement written into a side view.
 */
#[OA\Schema]
final readonly class DimensionAnswer
{
    public function __construct(
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public PointAnswer $from,
        #[OA\Property]
        public PointAnswer $to,
        #[OA\Property]
        public float $value,
        #[OA\Property(description: 'm or °.')]
        public string $unit,
    ) {
    }

    public static function of(Dimension $dimension): self
    {
        return new self($dimension->label, PointAnswer::of($dimension->from), PointAnswer::of($dimension->to), $dimension->value, $dimension->unit);
    }
}
