<?php

declare(strict_types=1);

namespace App\Formats\Json\Kit;

use OpenApi\Attributes as OA;
use SteadyRung\Kit\Band\CalibrationPoint;
use SteadyRung\Setup\CarriedLoad;

/**
 * A reading of the hanging scale.
 */
#[OA\Schema]
final readonly class BandPointJson
{
    public function __construct(
        #[OA\Property]
        public float $length_m,
        #[OA\Property]
        public float $force_n,
        #[OA\Property]
        public float $force_kg,
    ) {
    }

    public static function of(CalibrationPoint $point): self
    {
        return new self($point->lengthM, $point->forceN, CarriedLoad::kg($point->forceN));
    }
}
