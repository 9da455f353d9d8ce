<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Kit\Band\CalibrationPoint;

/**
 * A reading of the hanging scale, in N or in kg.
 */
#[OA\Schema]
final readonly class PointInput
{
    private function __construct(
        #[OA\Property(minimum: CalibrationPoint::LENGTH_M[0], maximum: CalibrationPoint::LENGTH_M[1])]
        public float $length_m,
        #[OA\Property(
            description: 'Either this or force_kg.',
            minimum: CalibrationPoint::FORCE_N[0],
            maximum: CalibrationPoint::FORCE_N[1],
        )]
        public ?float $force_n = null,
        #[OA\Property(
            description: 'What the scale shows in kg, times standard gravity.',
            minimum: CalibrationPoint::FORCE_KG[0],
            maximum: CalibrationPoint::FORCE_KG[1],
        )]
        public ?float $force_kg = null,
    ) {
    }

    public static function read(JsonObject $json): CalibrationPoint
    {
        $json->allowing('length_m', 'force_n', 'force_kg');
        if ($json->has('force_n') === $json->has('force_kg')) {
            throw $json->fault('force_n', 'Give the force once: as force_n or as force_kg.');
        }

        return $json->build(static fn (JsonObject $j): CalibrationPoint => $j->has('force_kg')
            ? CalibrationPoint::ofKg($j->number('length_m'), $j->number('force_kg'))
            : CalibrationPoint::of($j->number('length_m'), $j->number('force_n')));
    }
}
