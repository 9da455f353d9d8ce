<?php

declare(strict_types=1);

namespace App\Responses\Kit;

use App\Formats\Day;
use App\Formats\Json\Kit\BandCurveJson;
use App\Formats\Json\Kit\BandPointJson;
use App\Formats\Json\Kit\WearJson;
use App\Models\Kit\Band;
use OpenApi\Attributes as OA;
use SteadyRung\Kit\Band\CalibrationAge;

#[OA\Schema]
final readonly class BandResponse
{
    /** @param  list<BandPointJson>  $points */
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
        #[OA\Property(items: new OA\Items(ref: BandPointJson::class))]
        public array $points,
        #[OA\Property]
        public BandCurveJson $curve,
        #[OA\Property]
        public bool $retired,
        #[OA\Property]
        public WearJson $wear,
        #[OA\Property(description: 'When its readings were taken.', format: 'date')]
        public ?string $measured_on,
        #[OA\Property(description: 'The bar it was measured on.', format: 'uuid')]
        public ?string $hitched_on,
        #[OA\Property(description: 'Why it should be measured again.')]
        public ?string $measure_again,
    ) {
    }

    public static function of(Band $band, WearJson $wear, int $today): self
    {
        $core = $band->toCore();

        return new self(
            id: $band->id, name: $band->name, hung_length_m: $band->hung_length_m, width_mm: $band->width_mm, thickness_mm: $band->thickness_mm,
            points: array_map(BandPointJson::of(...), $core->points),
            curve: BandCurveJson::of($core),
            retired: $band->retired_at !== null,
            wear: $wear,
            measured_on: $band->measured_on,
            hitched_on: $band->hitched_on,
            measure_again: CalibrationAge::words($band->measured_on === null ? null : $today - Day::number($band->measured_on)),
        );
    }
}
