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
     * @param  list<WhySetJson>  $sets
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
        #[OA\Property(description: 'What a figure of training rests on, the latest first.', items: new OA\Items(ref: WhySetJson::class))]
        public array $sets,
    ) {
    }

    /** @param  list<WhySetJson>  $sets */
    public static function of(string $name, Explanation $why, array $sets = []): self
    {
        return new self($name, array_map(StepJson::of(...), $why->steps), $why->uncertainties, $why->remedies, $sets);
    }
}
