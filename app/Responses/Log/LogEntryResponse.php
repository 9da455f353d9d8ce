<?php

declare(strict_types=1);

namespace App\Responses\Log;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class LogEntryResponse
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $athlete_id,
        #[OA\Property]
        public string $athlete_name,
        #[OA\Property]
        public SetResponse $set,
    ) {
    }
}
