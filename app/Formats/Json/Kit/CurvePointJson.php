<?php

declare(strict_types=1);

namespace App\Formats\Json\Kit;

use OpenApi\Attributes as OA;
use SteadyRung\Setup\CarriedLoad;

#[OA\Schema]
final readonly class CurvePointJson
{
    public function __construct(
        #[OA\Property]
        public float $length_m,
        #[OA\Property]
        public float $force_n,
        #[OA\Property(description: 'Standard deviation of the force.')]
        public float $sd_n,
        #[OA\Property]
        public float $force_kg,
        #[OA\Property]
        public float $sd_kg,
    ) {
    }

    /** To a tenth of a millimetre, a hundredth of a newton and a gram: a kit has thousands of these, and nobody reads more off a curve. */
    public static function of(float $lengthM, float $forceN, float $sdN): self
    {
        return new self(
            round($lengthM, 4),
            round($forceN, 2),
            round($sdN, 2),
            round(CarriedLoad::kg($forceN), 3),
            round(CarriedLoad::kg($sdN), 3),
        );
    }
}
