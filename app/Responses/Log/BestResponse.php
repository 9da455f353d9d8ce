<?php

declare(strict_types=1);

namespace App\Responses\Log;

use App\Models\Log\LoggedSet;
use OpenApi\Attributes as OA;

/**
 * The best set on one set-up that a coach saw.
 */
#[OA\Schema(schema: 'Best')]
final readonly class BestResponse
{
    private function __construct(
        #[OA\Property(description: 'None of a dead hang.')]
        public ?string $name,
        #[OA\Property]
        public ?float $carried_share,
        #[OA\Property]
        public ?int $clean_reps,
        #[OA\Property]
        public ?float $hang_s,
        #[OA\Property(description: 'When it was done first.', format: 'date')]
        public string $on,
    ) {
    }

    public static function of(LoggedSet $set): self
    {
        return new self($set->setup_name, $set->carried_share, $set->clean_reps, $set->hang_s, $set->trained_on);
    }
}
