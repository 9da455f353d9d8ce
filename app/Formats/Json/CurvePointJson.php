<?php

declare(strict_types=1);

namespace App\Formats\Json;

use OpenApi\Attributes as OA;

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
}
