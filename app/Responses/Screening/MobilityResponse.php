<?php

declare(strict_types=1);

namespace App\Responses\Screening;

use OpenApi\Attributes as OA;
use SteadyRung\Safety\Mobility;

/**
 * One thing to do until the arms come overhead.
 */
#[OA\Schema]
final readonly class MobilityResponse
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $dose,
        #[OA\Property]
        public string $cue,
    ) {
    }

    public static function of(Mobility $one): self
    {
        return new self($one->name(), $one->dose(), $one->cue());
    }
}
