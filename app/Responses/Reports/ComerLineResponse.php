<?php

declare(strict_types=1);

namespace App\Responses\Reports;

use OpenApi\Attributes as OA;

/**
 * What an athlete did in a class.
 */
#[OA\Schema(schema: 'ComerLine')]
final readonly class ComerLineResponse
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $athlete_id,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Days they came.')]
        public int $days,
        #[OA\Property]
        public int $sets,
        #[OA\Property(description: 'Clean reps.')]
        public int $reps,
        #[OA\Property(description: 'Sets that came to little of what was asked.')]
        public PortionResponse $failed,
        #[OA\Property(description: 'Pull capacity after the first day in this time that says anything of it, as a share of bodyweight.')]
        public ?float $capacity_first,
        #[OA\Property(description: 'And after the last.')]
        public ?float $capacity_last,
        #[OA\Property(description: 'The day of their first strict rep, where it was in this time.', format: 'date')]
        public ?string $first_strict_on,
    ) {
    }
}
