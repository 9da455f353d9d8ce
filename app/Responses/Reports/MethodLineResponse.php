<?php

declare(strict_types=1);

namespace App\Responses\Reports;

use OpenApi\Attributes as OA;

/**
 * What became of those who trained by a method: who got to the first strict rep, in how many weeks, and how many sets failed on the way.
 */
#[OA\Schema(schema: 'MethodLine')]
final readonly class MethodLineResponse
{
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Those who got there, of those who began without a strict rep.')]
        public PortionResponse $got_there,
        #[OA\Property(description: 'Weeks by which every other one gets there, those who left or still train counted as far as they were seen; none: not by half.')]
        public ?float $weeks,
        #[OA\Property(description: 'Eight times in ten it is at least so many.')]
        public ?float $weeks_low,
        #[OA\Property(description: 'And at most so many; none: it may be longer than anybody was seen.')]
        public ?float $weeks_high,
        #[OA\Property(description: 'Sets that came to little of what was asked.')]
        public PortionResponse $failed,
        #[OA\Property(description: 'Why little can be said.')]
        public ?string $warning,
    ) {
    }
}
