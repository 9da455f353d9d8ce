<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Formats\CoreJson\BandAnswer;
use App\Models\Band;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class BandResource
{
    /** @param  list<PointResource>  $points */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $hung_length_m,
        #[OA\Property]
        public float $width_mm,
        #[OA\Property]
        public float $thickness_mm,
        #[OA\Property(items: new OA\Items(ref: PointResource::class))]
        public array $points,
        #[OA\Property]
        public BandAnswer $curve,
        #[OA\Property]
        public bool $retired,
        #[OA\Property]
        public WearResource $wear,
    ) {
    }

    public static function of(Band $band, WearResource $wear): self
    {
        $core = $band->toCore();

        return new self(
            $band->id, $band->name, $band->hung_length_m, $band->width_mm, $band->thickness_mm,
            array_map(PointResource::of(...), $core->points),
            BandAnswer::of($core),
            $band->retired_at !== null,
            $wear,
        );
    }
}
