<?php

declare(strict_types=1);

namespace App\Formats\Json\Methods;

use OpenApi\Attributes as OA;
use SteadyRung\Call\Situation\Standard;
use SteadyRung\Method\Measure;

/**
 * What a session asks for.
 */
#[OA\Schema]
final readonly class StandardJson
{
    public function __construct(
        #[OA\Property]
        public Measure $measure,
        #[OA\Property]
        public int $sets,
        #[OA\Property(description: 'Reps or seconds in each set, or over all of them.')]
        public int $gate_reps,
        #[OA\Property]
        public int $floor_reps,
        #[OA\Property(description: 'In how many sessions running.')]
        public int $sessions,
        #[OA\Property]
        public string $words,
    ) {
    }

    public static function of(Standard $standard): self
    {
        return new self($standard->measure, $standard->sets, $standard->count, $standard->floor, $standard->sessions, $standard->words());
    }
}
