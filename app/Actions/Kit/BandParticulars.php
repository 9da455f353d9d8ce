<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Formats\Stored\StoredPoints;
use OpenApi\Attributes as OA;
use SteadyRung\CoreError;
use SteadyRung\Kit\Band\CalibrationPoint;
use SteadyRung\Kit\Band\LoopBand;

/**
 * A band: its name, its size, and its readings.
 */
#[OA\Schema(schema: 'BandInput')]
final readonly class BandParticulars
{
    /**
     * @param  list<CalibrationPoint>  $points
     *
     * @throws CoreError if a figure is outside its range or the readings make no curve
     */
    public function __construct(
        #[OA\Property(maxLength: 60)]
        public string $name,
        #[OA\Property(minimum: LoopBand::HUNG_LENGTH_M[0], maximum: LoopBand::HUNG_LENGTH_M[1])]
        public float $hung_length_m,
        #[OA\Property(minimum: LoopBand::WIDTH_MM[0], maximum: LoopBand::WIDTH_MM[1])]
        public float $width_mm,
        #[OA\Property(minimum: LoopBand::THICKNESS_MM[0], maximum: LoopBand::THICKNESS_MM[1])]
        public float $thickness_mm,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/PointInput'), maxItems: LoopBand::MOST_POINTS)]
        public array $points = [],
        #[OA\Property(description: 'The bar it was measured on: a thicker bar takes 3–5 cm of its hung length.', format: 'uuid')]
        public ?string $hitched_on = null,
        #[OA\Property(description: 'Keeps readings that lie far from what the size suggests.')]
        public bool $sure = false,
    ) {
        $this->toCore();
    }

    public function toCore(): LoopBand
    {
        return LoopBand::of('', $this->name, $this->hung_length_m, $this->width_mm, $this->thickness_mm, $this->points);
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return ['points' => StoredPoints::write($this->points)] + array_diff_key(get_object_vars($this), ['sure' => true]);
    }
}
