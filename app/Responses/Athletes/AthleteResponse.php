<?php

declare(strict_types=1);

namespace App\Responses\Athletes;

use App\Formats\Json\Ladder\RungJson;
use App\Formats\Json\Methods\PlaceJson;
use App\Formats\Json\Methods\StandardJson;
use App\Formats\Json\Safety\PainJson;
use App\Models\Athletes\AthleteKind;
use App\Responses\Calls\KeptCallResponse;
use App\Responses\Log\LoweringLeftResponse;
use App\Responses\Methods\BuilderResponse;
use App\Responses\Screening\ClearedResponse;
use App\Responses\Screening\PainSourceResponse;
use App\Responses\Screening\ScreenStandingResponse;
use OpenApi\Attributes as OA;
use SteadyRung\Body\ReachSource;
use SteadyRung\Body\SegmentTable;

/**
 * One athlete: body, the set-up in use, capacity, pause, the open call.
 */
#[OA\Schema]
final readonly class AthleteResponse
{
    /** @param  list<string>  $tags */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public AthleteKind $kind,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $tags,
        #[OA\Property]
        public bool $archived,
        #[OA\Property]
        public float $mass_kg,
        #[OA\Property]
        public float $stature_m,
        #[OA\Property]
        public float $reach_m,
        #[OA\Property]
        public ReachSource $reach_source,
        #[OA\Property]
        public SegmentTable $proportions,
        #[OA\Property]
        public float $pull_distance_m,
        #[OA\Property(description: 'What a session asks for: sets and clean reps.')]
        public StandardJson $standard,
        #[OA\Property]
        public PlaceJson $place,
        #[OA\Property(description: 'What the caps leave, where the set-up in use is a lowering.')]
        public ?LoweringLeftResponse $lowerings_left,
        #[OA\Property(description: 'Where fewer than the method has.')]
        public ?int $sessions_a_week,
        #[OA\Property(description: 'What stands in the place of strict work.')]
        public ?BuilderResponse $builder,
        #[OA\Property(description: 'The set-up in use.')]
        public ?RungJson $rung,
        #[OA\Property(description: 'Why the chosen set-up cannot be built any more.')]
        public ?string $rung_lost,
        #[OA\Property(description: 'Of the vertical pull.')]
        public ?CapacityResponse $capacity,
        #[OA\Property]
        public ?CapacityResponse $row_capacity,
        #[OA\Property(description: 'Longest dead hang logged.')]
        public ?float $best_hang_s,
        #[OA\Property]
        public ?PainJson $pain,
        #[OA\Property(description: 'The gym\'s day on which the pain was logged that pulling is paused for.', format: 'date')]
        public ?string $paused_on,
        #[OA\Property(description: 'What that pain was told with.')]
        public ?PainSourceResponse $pain_source,
        #[OA\Property(description: 'The note that ended the last pause.')]
        public ?ClearedResponse $cleared,
        #[OA\Property]
        public ScreenStandingResponse $screen,
        #[OA\Property(description: 'The call that waits.')]
        public ?KeptCallResponse $call,
        #[OA\Property(description: 'The call decided today, where none waits.')]
        public ?KeptCallResponse $decided,
    ) {
    }
}
