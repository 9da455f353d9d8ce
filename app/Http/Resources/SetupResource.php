<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Formats\ChoiceJson;
use App\Formats\CoreJson\RungAnswer;
use App\Formats\CoreJson\SideViewAnswer;
use OpenApi\Attributes as OA;
use SteadyRung\Ladder\Lane;

/**
 * One set-up for one athlete: what it carries, how it looks and how the figures came about; or why it does not fit.
 */
#[OA\Schema]
final readonly class SetupResource
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public Lane $lane,
        #[OA\Property]
        public ChoiceJson $choice,
        #[OA\Property(description: 'Whether it is the set-up in use.')]
        public bool $chosen,
        #[OA\Property(description: 'Why it does not fit.')]
        public ?string $reason,
        #[OA\Property]
        public ?RungAnswer $rung,
        #[OA\Property]
        public ?SideViewAnswer $view,
        #[OA\Property]
        public ?WhyResource $why,
    ) {
    }
}
