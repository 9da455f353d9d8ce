<?php

declare(strict_types=1);

namespace App\Formats\Json\Why;

use OpenApi\Attributes as OA;
use SteadyRung\Why\Step;

#[OA\Schema]
final readonly class StepJson
{
    public function __construct(
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $how,
        #[OA\Property]
        public float $value,
        #[OA\Property]
        public string $unit,
        #[OA\Property]
        public string $source,
    ) {
    }

    public static function of(Step $step): self
    {
        return new self($step->label, $step->how, $step->value, $step->unit, $step->source);
    }
}
