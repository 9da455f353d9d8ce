<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Formats\Inputs\UntilToday;
use OpenApi\Attributes as OA;
use SteadyRung\Kit\Band\BandFinding;

/**
 * A look at a band.
 */
#[OA\Schema(schema: 'InspectionInput')]
final readonly class BandInspected
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date')]
        #[UntilToday]
        public string $inspected_on,
        #[OA\Property]
        public BandFinding $finding,
        #[OA\Property(maxLength: 500)]
        public ?string $note = null,
    ) {
    }
}
