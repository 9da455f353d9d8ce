<?php

declare(strict_types=1);

namespace App\Actions\Own;

use App\Actions\Log\SignalTold;
use App\Formats\Inputs\UntilToday;
use OpenApi\Attributes as OA;
use SteadyRung\Plan\Diary\Signal;

/**
 * How sore an athlete is, as they tell it themselves.
 */
#[OA\Schema(schema: 'SorenessInput')]
final readonly class SorenessTold
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'The day it is about.', format: 'date')]
        #[UntilToday]
        public string $on,
        #[OA\Property(minimum: Signal::SORENESS[0], maximum: Signal::SORENESS[1])]
        public int $soreness,
    ) {
    }

    public function signal(): SignalTold
    {
        return new SignalTold($this->id, $this->on, $this->soreness);
    }
}
