<?php

declare(strict_types=1);

namespace App\Formats\Json\Setups;

use OpenApi\Attributes as OA;

/**
 * How to get into the bands.
 */
#[OA\Schema]
final readonly class MountJson
{
    public function __construct(
        #[OA\Property(description: 'Height to stand on so that the hands reach the bar; 0 = the floor.')]
        public float $box_m,
        #[OA\Property(description: 'What one hand holds with the loop at the thigh.')]
        public float $hand_kg,
        #[OA\Property(description: 'Whether a partner holds the band.')]
        public bool $partner,
    ) {
    }
}
