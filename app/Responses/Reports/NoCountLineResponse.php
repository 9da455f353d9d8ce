<?php

declare(strict_types=1);

namespace App\Responses\Reports;

use OpenApi\Attributes as OA;
use SteadyRung\Plan\Diary\NoCount;

/**
 * How many reps did not count for a reason.
 */
#[OA\Schema(schema: 'NoCountLine')]
final readonly class NoCountLineResponse
{
    public function __construct(
        #[OA\Property]
        public NoCount $reason,
        #[OA\Property]
        public int $reps,
    ) {
    }
}
