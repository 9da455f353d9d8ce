<?php

declare(strict_types=1);

namespace App\Actions\Athletes;

use OpenApi\Attributes as OA;
use SteadyRung\Body\Body;
use SteadyRung\OutOfRange;

/**
 * An athlete's mass on a day.
 */
#[OA\Schema(schema: 'WeighingInput')]
final readonly class MassWeighed
{
    /** @throws OutOfRange if the mass is outside its range */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date')]
        public string $weighed_on,
        #[OA\Property(minimum: Body::MASS_KG[0], maximum: Body::MASS_KG[1])]
        public float $mass_kg,
    ) {
        OutOfRange::guard(['mass_kg' => [$mass_kg, Body::MASS_KG]]);
    }
}
