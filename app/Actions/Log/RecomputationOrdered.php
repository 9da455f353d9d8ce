<?php

declare(strict_types=1);

namespace App\Actions\Log;

use OpenApi\Attributes as OA;

/**
 * An order to compute sets again: of an athlete, of a band, or to put back what another order changed.
 */
#[OA\Schema(schema: 'RecomputationInput')]
final readonly class RecomputationOrdered
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'uuid')]
        public ?string $athlete_id = null,
        #[OA\Property(format: 'uuid')]
        public ?string $band_id = null,
        #[OA\Property(description: 'The order whose sets are put back as they were.', format: 'uuid')]
        public ?string $undoes_id = null,
    ) {
    }
}
