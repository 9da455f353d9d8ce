<?php

declare(strict_types=1);

namespace App\Responses\Gym;

use OpenApi\Attributes as OA;
use SteadyRung\Kit\Band\LoopBand;

/**
 * A loop band of a usual size.
 */
#[OA\Schema(schema: 'UsualBand')]
final readonly class UsualBandResponse
{
    private function __construct(
        #[OA\Property]
        public float $width_mm,
        #[OA\Property]
        public float $thickness_mm,
        #[OA\Property]
        public float $hung_length_m,
    ) {
    }

    public static function of(LoopBand $band): self
    {
        return new self($band->widthMm, $band->thicknessMm, $band->hungLengthM());
    }
}
