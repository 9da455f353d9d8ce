<?php

declare(strict_types=1);

namespace App\Formats\Json\Sessions;

use App\Formats\Json\Setups\ExerciseJson;
use OpenApi\Attributes as OA;
use SteadyRung\Plan\Session\Line\Begun;

/**
 * What each set of a line begins on, and how many reps of it, before it goes on without a rest.
 */
#[OA\Schema]
final readonly class BegunJson
{
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public ExerciseJson $exercise,
        #[OA\Property]
        public int $reps,
    ) {
    }

    public static function of(?Begun $begun): ?self
    {
        return $begun === null ? null : new self($begun->rung->name, ExerciseJson::of($begun->rung->exercise), $begun->reps);
    }
}
