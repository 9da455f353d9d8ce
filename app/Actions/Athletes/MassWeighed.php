<?php

declare(strict_types=1);

namespace App\Actions\Athletes;

use App\Formats\Inputs\UntilToday;
use OpenApi\Attributes as OA;
use SteadyRung\Body\Body;

/**
 * An athlete's mass on a day.
 */
#[OA\Schema(schema: 'WeighingInput')]
final readonly class MassWeighed
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date')]
        #[UntilToday]
        public string $weighed_on,
        #[OA\Property(minimum: Body::MASS_KG[0], maximum: Body::MASS_KG[1])]
        public float $mass_kg,
    ) {
    }
}
