<?php

declare(strict_types=1);

namespace App\Formats\Json\Ladder;

use OpenApi\Attributes as OA;
use SteadyRung\Exercise\Choices\Lane;

/**
 * The steadiest ladder of an athlete in a lane, from today to the goal.
 */
#[OA\Schema]
final readonly class LadderJson
{
    /** @param  list<LadderRungJson>  $rungs */
    public function __construct(
        #[OA\Property]
        public Lane $lane,
        #[OA\Property(description: 'Share it starts from: the set-up in use, else what eight reps are expected on.')]
        public float $from_share,
        #[OA\Property]
        public float $to_share,
        #[OA\Property(description: 'The set-up in use, if it is in this lane.')]
        public ?RungJson $now,
        #[OA\Property(description: 'The rung below the one in use.')]
        public ?RungJson $below,
        #[OA\Property(items: new OA\Items(ref: LadderRungJson::class))]
        public array $rungs,
        #[OA\Property]
        public float $largest_step,
        #[OA\Property(description: 'Key of the rung that the largest step leads to.')]
        public ?string $largest_step_to,
        #[OA\Property(description: 'Set-ups it was chosen from.')]
        public int $candidates,
        #[OA\Property(description: 'Whether this kit can build the goal.')]
        public bool $reaches_goal,
        #[OA\Property(description: 'The one purchase or measurement that would close the largest step most.')]
        public ?string $advice,
        #[OA\Property(description: 'The set-up of the last set in this lane, where none is in use yet.')]
        public ?RungJson $tried,
        #[OA\Property(description: 'The rung to begin on, where none is in use yet and there is a baseline.')]
        public ?RungJson $start,
    ) {
    }
}
