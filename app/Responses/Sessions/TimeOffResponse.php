<?php

declare(strict_types=1);

namespace App\Responses\Sessions;

use App\Models\Sessions\TimeOffRecord;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class TimeOffResponse
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date')]
        public string $from,
        #[OA\Property(format: 'date')]
        public string $to,
        #[OA\Property]
        public string $why,
        #[OA\Property(description: 'Of everybody.')]
        public bool $of_gym,
    ) {
    }

    public static function of(TimeOffRecord $off): self
    {
        return new self($off->id, $off->from_on, $off->to_on, $off->why, $off->athlete_id === null);
    }
}
