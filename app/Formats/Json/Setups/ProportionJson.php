<?php

declare(strict_types=1);

namespace App\Formats\Json\Setups;

use OpenApi\Attributes as OA;
use SteadyRung\Body\Proportion;

#[OA\Schema]
final readonly class ProportionJson
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $length_m,
        #[OA\Property]
        public ?float $per_stature,
        #[OA\Property]
        public string $source,
    ) {
    }

    public static function of(Proportion $proportion): self
    {
        return new self($proportion->name, $proportion->lengthM, $proportion->perStature, $proportion->source);
    }
}
