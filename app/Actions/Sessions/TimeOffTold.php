<?php

declare(strict_types=1);

namespace App\Actions\Sessions;

use OpenApi\Attributes as OA;

/**
 * The gym is closed, or an athlete is away, from one day to another.
 */
#[OA\Schema(schema: 'TimeOffInput')]
final readonly class TimeOffTold
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date')]
        public string $from,
        #[OA\Property(format: 'date')]
        public string $to,
        #[OA\Property(maxLength: 80)]
        public string $why,
        #[OA\Property(description: 'Of everybody, not of the athlete alone.')]
        public bool $of_gym = false,
    ) {
    }
}
