<?php

declare(strict_types=1);

namespace App\Formats\Json\Why;

use OpenApi\Attributes as OA;
use SteadyRung\Why\Explanation;

/**
 * How a figure came about.
 */
#[OA\Schema]
final readonly class WhyJson
{
    /**
     * @param  list<StepJson>  $steps
     * @param  list<string>  $uncertainties
     * @param  list<string>  $remedies
     */
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(items: new OA\Items(ref: StepJson::class))]
        public array $steps,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $uncertainties,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $remedies,
    ) {
    }

    public static function of(string $name, Explanation $why): self
    {
        return new self($name, array_map(StepJson::of(...), $why->steps), $why->uncertainties, $why->remedies);
    }
}
