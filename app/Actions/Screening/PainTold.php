<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Formats\Json\Safety\PainJson;
use OpenApi\Attributes as OA;
use SteadyRung\Safety\Pain;

/**
 * Pain told without a set: on arriving, between sets, the day after.
 */
#[OA\Schema(schema: 'PainReportInput')]
final readonly class PainTold
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(ref: PainJson::class)]
        public Pain $pain,
        #[OA\Property(maxLength: 500)]
        public ?string $note = null,
    ) {
    }
}
