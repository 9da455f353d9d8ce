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
            SpotJson::of($stick->grip),
            SpotJson::of($stick->elbow),
            SpotJson::of($stick->shoulder),
            SpotJson::of($stick->head),
            SpotJson::of($stick->hip),
            SpotJson::of($stick->knee),
            SpotJson::of($stick->ankle),
            SpotJson::of($stick->toe),
            $stick->headRadiusM,
        );
    }
}
