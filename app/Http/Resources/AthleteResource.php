<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Formats\CoreJson\RungAnswer;
use App\Formats\PainJson;
use App\Models\AthleteKind;
use OpenApi\Attributes as OA;
use SteadyRung\Body\ReachSource;

/**
 * One athlete: body, the set-up in use, capacity, pause, the open call.
 */
#[OA\Schema]
final readonly class AthleteResource
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
        public float $stature_m,
        #[OA\Property]
        public float $reach_m,
        #[OA\Property]
        public ReachSource $reach_source,
        #[OA\Property]
        public float $pull_distance_m,
        #[OA\Property(description: 'What a session asks for: sets and clean reps.')]
        public StandardResource $standard,
        #[OA\Property(description: 'The set-up in use.')]
        public ?RungAnswer $rung,
        #[OA\Property(description: 'Why the chosen set-up cannot be built any more.')]
        public ?string $rung_lost,
        #[OA\Property(description: 'Of the vertical pull.')]
        public ?CapacityResource $capacity,
        #[OA\Property]
        public ?CapacityResource $row_capacity,
        #[OA\Property(description: 'Longest dead hang logged.')]
        public ?float $best_hang_s,
        #[OA\Property]
        public ?PainJson $pain,
        #[OA\Property(description: 'The gym\'s day on which the pain was logged that pulling is paused for.', format: 'date')]
        public ?string $paused_on,
        #[OA\Property]
        public ?CallResource $call,
    ) {
    }
}
