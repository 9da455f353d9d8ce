<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Formats\CoreJson\Read;
use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Kit\CalibrationPoint;
use SteadyRung\Kit\LoopBand;

#[OA\Schema]
final readonly class BandInput
{
    /** @param  list<array{length_m: float, force_n: float}>  $points */
    private function __construct(
        #[OA\Property(maxLength: 60)]
        public string $name,
        #[OA\Property(minimum: LoopBand::HUNG_LENGTH_M[0], maximum: LoopBand::HUNG_LENGTH_M[1])]
        public float $hung_length_m,
        #[OA\Property(minimum: LoopBand::WIDTH_MM[0], maximum: LoopBand::WIDTH_MM[1])]
        public float $width_mm,
        #[OA\Property(minimum: LoopBand::THICKNESS_MM[0], maximum: LoopBand::THICKNESS_MM[1])]
        public float $thickness_mm,
        #[OA\Property(items: new OA\Items(ref: PointInput::class), maxItems: LoopBand::MOST_POINTS)]
        public array $points = [],
    ) {
    }

    public static function read(JsonObject $json, string ...$besides): self
    {
        $json->allowing('name', 'hung_length_m', 'width_mm', 'thickness_mm', 'points', ...$besides);
        $name = $json->text('name', 60);
        $points = array_map(PointInput::read(...), $json->objects('points', LoopBand::MOST_POINTS));
        $band = Read::loopBand($json, '', $name, $points);

        return new self($name, $band->hungLengthM(), $band->widthMm, $band->thicknessMm, array_map(
            static fn (CalibrationPoint $p): array => ['length_m' => $p->lengthM, 'force_n' => $p->forceN],
            $band->points,
        ));
    }

    public function toCore(): LoopBand
    {
        $points = array_map(static fn (array $p): CalibrationPoint => CalibrationPoint::of($p['length_m'], $p['force_n']), $this->points);

        return LoopBand::of('', $this->name, $this->hung_length_m, $this->width_mm, $this->thickness_mm, $points);
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return get_object_vars($this);
    }
}
