<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\BandInspection;
use OpenApi\Attributes as OA;
use SteadyRung\Kit\Band\BandFinding;

#[OA\Schema]
final readonly class InspectionJson
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
