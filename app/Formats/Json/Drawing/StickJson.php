<?php

declare(strict_types=1);

namespace App\Formats\Json\Drawing;

use OpenApi\Attributes as OA;
use SteadyRung\Drawing\Stick;

/**
 * A body in a side view, as joints.
 */
#[OA\Schema]
final readonly class StickJson
{
    public function __construct(
        #[OA\Property]
        public SpotJson $grip,
        #[OA\Property]
        public SpotJson $elbow,
        #[OA\Property]
        public SpotJson $shoulder,
        #[OA\Property]
        public SpotJson $head,
        #[OA\Property]
        public SpotJson $hip,
        #[OA\Property]
        public SpotJson $knee,
        #[OA\Property]
        public SpotJson $ankle,
        #[OA\Property]
        public SpotJson $toe,
        #[OA\Property]
        public float $head_radius_m,
    ) {
    }

    public static function of(Stick $stick): self
    {
        return new self(
            grip: SpotJson::of($stick->grip),
            elbow: SpotJson::of($stick->elbow),
            shoulder: SpotJson::of($stick->shoulder),
            head: SpotJson::of($stick->head),
            hip: SpotJson::of($stick->hip),
            knee: SpotJson::of($stick->knee),
            ankle: SpotJson::of($stick->ankle),
            toe: SpotJson::of($stick->toe),
            head_radius_m: $stick->headRadiusM,
        );
    }
}
