<?php

declare(strict_types=1);

namespace App\Responses\Reports;

use OpenApi\Attributes as OA;
use SteadyRung\Call\Verdict;

/**
 * What was decided on calls of a verdict, and how often the next one took a step down.
 */
#[OA\Schema(schema: 'CallLine')]
final readonly class CallLineResponse
{
    public function __construct(
        #[OA\Property]
        public Verdict $verdict,
        #[OA\Property(description: 'That wait to be decided.')]
        public int $open,
        #[OA\Property]
        public int $accepted,
        #[OA\Property]
        public int $overridden,
        #[OA\Property(description: 'Accepted ones whose next call was a step down, of those that had a next one.')]
        public PortionResponse $accepted_then_down,
        #[OA\Property(description: 'The same of overridden ones.')]
        public PortionResponse $overridden_then_down,
        #[OA\Property(description: 'Why little can be said.')]
        public ?string $warning,
    ) {
    }
}
