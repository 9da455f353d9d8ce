<?php

declare(strict_types=1);

namespace App\Formats\CoreJson;

use OpenApi\Attributes as OA;
use SteadyRung\Drawing\Stick;

/**
 * A body in a side view, as joints.
 */
#[OA\Schema]
final readonly class StickAnswer
{
    public function __construct(
        #[OA\Property]
        public PointAnswer $grip,
        #[OA\Property]
        public PointAnswer $elbow,
        #[OA\Property]
        public PointAnswer $shoulder,
        #[OA\Property]
        public PointAnswer $head,
        #[OA\Property]
        public PointAnswer $hip,
        #[OA\Property]
        public PointAnswer $knee,
        #[OA\Property]
        public PointAnswer $ankle,
        #[OA\Property]
        public PointAnswer $toe,
        #[OA\Property]
        public float $head_radius_m,
    ) {
    }

    public static function of(Stick $stick): self
    {
        return new self(
            PointAnswer::of($stick->grip),
            PointAnswer::of($stick->elbow),
            PointAnswer::of($stick->shoulder),
            PointAnswer::of($stick->head),
            PointAnswer::of($stick->hip),
            PointAnswer::of($stick->knee),
            PointAnswer::of($stick->ankle),
            PointAnswer::of($stick->toe),
            $stick->headRadiusM,
        );
    }
}
