<?php

declare(strict_types=1);

namespace App\Responses\Screening;

use App\Models\Log\LoggedSet;
use App\Models\Screening\PainReport;
use OpenApi\Attributes as OA;

/**
 * What the pain was told with that pulling is paused for; who told it can undo it for ten minutes.
 */
#[OA\Schema(schema: 'PainSource')]
final readonly class PainSourceResponse
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $told_id,
        #[OA\Property(description: 'The coach who told it; none where the athlete did.', format: 'uuid')]
        public ?string $by,
        #[OA\Property(format: 'date-time')]
        public string $at,
    ) {
    }

    public static function of(LoggedSet|PainReport $told): self
    {
        $at = $told instanceof LoggedSet ? $told->pain_told_at : $told->told_at;
        assert($at !== null);

        return new self($told->id, $told->user_id, $at->utc()->format('Y-m-d\TH:i:s.v\Z'));
    }
}
