<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\AthleteKind;
use OpenApi\Attributes as OA;
use SteadyRung\Call\Verdict;

/**
 * One athlete in one line.
 */
#[OA\Schema]
final readonly class RosterEntry
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public AthleteKind $kind,
        #[OA\Property]
        public float $mass_kg,
        #[OA\Property]
        public ?string $setup_name,
        #[OA\Property]
        public ?float $setup_share,
        #[OA\Property]
        public ?CapacityResource $capacity,
        #[OA\Property]
        public ?Verdict $verdict,
        #[OA\Property]
        public bool $paused,
    ) {
    }
}
