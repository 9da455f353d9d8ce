<?php

declare(strict_types=1);

namespace App\Responses\Board;

use App\Formats\Json\Setups\ExerciseJson;
use App\Responses\Log\SetResponse;
use OpenApi\Attributes as OA;
use SteadyRung\Plan\Diary\Purpose;

/**
 * That a set was done, on what, and how many.
 */
#[OA\Schema]
final readonly class BoardSetResponse
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date-time')]
        public string $performed_at,
        #[OA\Property]
        public Purpose $purpose,
        #[OA\Property]
        public ?ExerciseJson $exercise,
        #[OA\Property]
        public ?string $setup_key,
        #[OA\Property]
        public ?string $line,
        #[OA\Property(format: 'uuid')]
        public ?string $part_of,
        #[OA\Property]
        public ?int $clean_reps,
    ) {
    }

    public static function of(SetResponse $set): self
    {
        return new self(
            $set->id,
            $set->performed_at,
            $set->purpose,
            $set->exercise,
            $set->setup_key,
            $set->line,
            $set->part_of,
            $set->clean_reps,
        );
    }
}
