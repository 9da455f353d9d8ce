<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use OpenApi\Attributes as OA;

/**
 * Pain or a symptom that was told by mistake.
 */
#[OA\Schema(schema: 'PainUndoneInput')]
final readonly class PainUndone
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'The report, set or signal it was told with.', format: 'uuid')]
        public string $told_id,
    ) {
    }
}
