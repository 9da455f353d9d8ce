<?php

declare(strict_types=1);

namespace App\Formats\Json\Setups;

use App\Formats\Json\Why\WhyJson;
use OpenApi\Attributes as OA;
use SteadyRung\Setup\Band\Attach;

/**
 * What a band takes off an athlete at the foot or the knee; or why it does not fit.
 */
#[OA\Schema]
final readonly class HelpJson
{
    public function __construct(
        #[OA\Property]
        public Attach $attach,
        #[OA\Property]
        public ?string $reason,
        #[OA\Property(description: 'Taken off, in kg.')]
        public ?TravelJson $help_kg,
        #[OA\Property(description: 'Mean carried share.')]
        public ?float $share,
        #[OA\Property(description: 'Standard deviation of the mean carried share.')]
        public ?float $share_sd,
        #[OA\Property(description: 'Length of the band at the hang.')]
        public ?float $bottom_m,
        #[OA\Property(description: 'Length of the band at the top.')]
        public ?float $top_m,
        #[OA\Property]
        public ?WhyJson $why,
    ) {
    }
}
