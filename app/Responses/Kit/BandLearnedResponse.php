<?php

declare(strict_types=1);

namespace App\Responses\Kit;

use OpenApi\Attributes as OA;

/**
 * What the log says of a band, where the sets of several athletes agree.
 */
#[OA\Schema]
final readonly class BandLearnedResponse
{
    public function __construct(
        #[OA\Property(description: 'None where they do not, or the band is right.')]
        public ?string $advice,
        #[OA\Property(description: 'By which part it helps more than it is taken for; less if below 0.')]
        public ?float $part,
        #[OA\Property]
        public int $athletes,
    ) {
    }
}
