<?php

declare(strict_types=1);

namespace App\Responses\Reports;

use OpenApi\Attributes as OA;
use SteadyRung\Call\Verdict;

/**
 * What was decided on an athlete's calls of a verdict.
 */
#[OA\Schema(schema: 'DecidedLine')]
final readonly class DecidedLineResponse
{
    public function __construct(
        #[OA\Property]
        public Verdict $verdict,
        #[OA\Property]
        public int $accepted,
        #[OA\Property]
        public int $overridden,
    ) {
    }
}
