<?php

declare(strict_types=1);

namespace App\Responses\Own;

use App\Models\Log\LoggedSet;
use OpenApi\Attributes as OA;
use SteadyRung\Plan\Diary\Purpose;

/**
 * A set as its athlete sees it; what a coach wrote beside it stays with the coach.
 */
#[OA\Schema(schema: 'OwnSet')]
final readonly class OwnSetResponse
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date')]
        public string $on,
        #[OA\Property(format: 'date-time')]
        public string $performed_at,
        #[OA\Property]
        public Purpose $purpose,
        #[OA\Property(description: 'None of a dead hang.')]
        public ?string $name,
        #[OA\Property]
        public ?int $clean_reps,
        #[OA\Property]
        public ?float $hang_s,
        #[OA\Property(description: 'Whether they logged it themselves.')]
        public bool $is_own,
    ) {
    }

    public static function of(LoggedSet $set): self
    {
        return new self(
            id: $set->id,
            on: $set->trained_on,
            performed_at: $set->performed_at->utc()->format('Y-m-d\TH:i:s\Z'),
            purpose: $set->purpose,
            name: $set->setup_name,
            clean_reps: $set->clean_reps,
            hang_s: $set->hang_s,
            is_own: $set->user_id === null,
        );
    }
}
