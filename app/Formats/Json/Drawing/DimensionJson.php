<?php

declare(strict_types=1);

namespace App\Formats\Json\Drawing;

use OpenApi\Attributes as OA;
use SteadyRung\Drawing\Dimension;

/**
 * A measurement written into a side view.
 */
#[OA\Schema]
final readonly class DimensionJson
{
    public function __construct(
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public SpotJson $from,
        #[OA\Property]
        public SpotJson $to,
        #[OA\Property]
        public float $value,
        #[OA\Property(description: 'm or °.')]
        public string $unit,
    ) {
    }

    public static function of(Dimension $dimension): self
    {
        return new self(
            $dimension->label,
            SpotJson::of($dimension->from),
            SpotJson::of($dimension->to),
            $dimension->value,
            $dimension->unit,
        );
    }
}
