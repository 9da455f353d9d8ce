<?php

declare(strict_types=1);

namespace App\Responses\Reports;

use OpenApi\Attributes as OA;

/**
 * A band: how long and how much it has been used, when somebody looked, and how much of its life is likely to be left.
 */
#[OA\Schema(schema: 'BandLine')]
final readonly class BandLineResponse
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public bool $retired,
        #[OA\Property(description: 'The day of its first set.', format: 'date')]
        public ?string $first_on,
        #[OA\Property(description: 'The day of its last.', format: 'date')]
        public ?string $last_on,
        #[OA\Property(description: 'Sets in its life.')]
        public int $sets,
        #[OA\Property(description: 'Sets a week, over the last eight.')]
        public float $sets_a_week,
        #[OA\Property(format: 'date')]
        public ?string $inspected_on,
        #[OA\Property(description: 'Whether it is to be looked at before it is used again.')]
        public bool $due,
        #[OA\Property(description: 'Why, or when it was looked at.')]
        public string $due_words,
        #[OA\Property(description: 'Why it should be measured again.')]
        public ?string $measure_again,
        #[OA\Property(description: 'Sets until bands here are usually put out for good; 0 beyond it, none where that is not known.')]
        public ?int $sets_left,
    ) {
    }
}
