<?php

declare(strict_types=1);

namespace App\Formats\Json\Ladder;

use App\Formats\Json\Drawing\SideViewJson;
use App\Formats\Json\Methods\PracticeJson;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\Json\Why\WhyJson;
use OpenApi\Attributes as OA;
use SteadyRung\Exercise\Choices\Lane;

/**
 * One set-up for one athlete: what it carries, how it looks and how the figures came about; or why it does not fit.
 */
#[OA\Schema]
final readonly class SetupAnswerJson
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public Lane $lane,
        #[OA\Property]
        public ExerciseJson $exercise,
        #[OA\Property(description: 'Whether it is the set-up in use.')]
        public bool $chosen,
        #[OA\Property(description: 'Why it does not fit.')]
        public ?string $reason,
        #[OA\Property]
        public ?RungJson $rung,
        #[OA\Property]
        public ?SideViewJson $view,
        #[OA\Property]
        public ?WhyJson $why,
        #[OA\Property(description: 'Where control of a lowering is not to be expected: the same in a band, in which it is.')]
        public ?RungJson $safer,
        #[OA\Property]
        public PracticeJson $practice,
    ) {
    }
}
