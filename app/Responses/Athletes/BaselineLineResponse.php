<?php

declare(strict_types=1);

namespace App\Responses\Athletes;

use App\Formats\Json\Ladder\RungJson;
use OpenApi\Attributes as OA;
use SteadyRung\Plan\Baseline\BaselineState;
use SteadyRung\Plan\Baseline\BaselineStep;

/**
 * A step of a baseline.
 */
#[OA\Schema]
final readonly class BaselineLineResponse
{
    public function __construct(
        #[OA\Property]
        public BaselineStep $step,
        #[OA\Property]
        public BaselineState $state,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $how,
        #[OA\Property(description: 'Whether it is told in seconds.')]
        public bool $timed,
        #[OA\Property(description: 'Rest before it.')]
        public int $rest_s,
        #[OA\Property(description: 'What was done, or why it is passed over.')]
        public ?string $said,
        #[OA\Property(description: 'What to put the athlete on, where it is next.')]
        public ?RungJson $rung,
    ) {
    }
}
