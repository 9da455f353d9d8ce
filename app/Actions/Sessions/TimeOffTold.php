<?php

declare(strict_types=1);

namespace App\Actions\Sessions;

use App\Formats\Inputs\Checked;
use App\Formats\Inputs\OneLine;
use App\Formats\JsonObject;
use OpenApi\Attributes as OA;

/**
 * The gym is closed, or an athlete is away, from one day to another.
 */
#[OA\Schema(schema: 'TimeOffInput')]
final readonly class TimeOffTold implements Checked
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date')]
        public string $from,
        #[OA\Property(format: 'date')]
        public string $to,
        #[OA\Property(maxLength: 80)]
        #[OneLine]
        public string $why,
        #[OA\Property(description: 'Of everybody, not of the athlete alone.')]
        public bool $of_gym = false,
    ) {
    }

    public function check(JsonObject $json): void
    {
        if ($this->to < $this->from) {
            throw $json->fault('to', 'The last day is before the first.');
        }
    }
}
