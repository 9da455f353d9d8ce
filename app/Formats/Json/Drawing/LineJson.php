<?php

declare(strict_types=1);

namespace App\Formats\Json\Drawing;

use OpenApi\Attributes as OA;
use SteadyRung\Drawing\DrawnPart;
use SteadyRung\Drawing\Line;

/**
 * A piece of gear in a side view.
 */
#[OA\Schema]
final readonly class LineJson
{
    /** @param  list<SpotJson>  $points */
    public function __construct(
        #[OA\Property]
        public DrawnPart $part,
        #[OA\Property(items: new OA\Items(ref: SpotJson::class))]
        public array $points,
        #[OA\Property]
        public float $thickness_m,
        #[OA\Property(description: 'Whether it belongs to the finish of the rep.')]
        public bool $at_top,
    ) {
    }

    public static function of(Line $line): self
    {
        return new self($line->part, array_map(SpotJson::of(...), $line->points), $line->thicknessM, $line->atTop);
    }
}
