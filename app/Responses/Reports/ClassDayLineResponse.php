<?php

declare(strict_types=1);

namespace App\Responses\Reports;

use OpenApi\Attributes as OA;

/**
 * A day on which a class was held.
 */
#[OA\Schema(schema: 'ClassDayLine')]
final readonly class ClassDayLineResponse
{
    public function __construct(
        #[OA\Property(format: 'date')]
        public string $on,
        #[OA\Property(description: 'Athletes who logged a set there.')]
        public int $came,
        #[OA\Property]
        public int $sets,
        #[OA\Property(description: 'Clean reps.')]
        public int $reps,
    ) {
    }
}
