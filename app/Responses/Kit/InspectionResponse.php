<?php

declare(strict_types=1);

namespace App\Responses\Kit;

use App\Models\Kit\BandInspection;
use OpenApi\Attributes as OA;
use SteadyRung\Kit\Band\BandFinding;

#[OA\Schema]
final readonly class InspectionResponse
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date')]
        public string $inspected_on,
        #[OA\Property]
        public BandFinding $finding,
        #[OA\Property]
        public ?string $note,
    ) {
    }

    public static function of(BandInspection $inspection): self
    {
        return new self($inspection->id, $inspection->inspected_on, $inspection->finding, $inspection->note);
    }
}
