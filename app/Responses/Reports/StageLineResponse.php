<?php

declare(strict_types=1);

namespace App\Responses\Reports;

use OpenApi\Attributes as OA;

/**
 * A stage, and since when it was stood at.
 */
#[OA\Schema(schema: 'StageLine')]
final readonly class StageLineResponse
{
    public function __construct(
        #[OA\Property]
        public string $method,
        #[OA\Property]
        public string $stage,
        #[OA\Property(format: 'date')]
        public string $since,
    ) {
    }
}
