<?php

declare(strict_types=1);

namespace App\Responses\Sessions;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class PlannedStageResponse
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $gate,
        #[OA\Property(format: 'date')]
        public string $from,
        #[OA\Property(description: 'None where it is not foreseeable.', format: 'date')]
        public ?string $to,
        #[OA\Property(description: 'One time in ten the gate is met by then.', format: 'date')]
        public ?string $soonest,
        #[OA\Property(description: 'Nine times in ten; none where that lies beyond a year.', format: 'date')]
        public ?string $latest,
    ) {
    }
}
