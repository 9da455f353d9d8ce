<?php

declare(strict_types=1);

namespace App\Formats\Json\Setups;

use OpenApi\Attributes as OA;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Strength\LearnedHelp;

/**
 * What the athlete's own sets say of help that nobody measured, with its 80 % interval.
 */
#[OA\Schema]
final readonly class LearnedHelpJson
{
    public function __construct(
        #[OA\Property]
        public float $share,
        #[OA\Property]
        public float $low80,
        #[OA\Property]
        public float $high80,
        #[OA\Property(description: 'What the help takes off, in kg.')]
        public float $help_kg,
        #[OA\Property]
        public float $help_low80_kg,
        #[OA\Property]
        public float $help_high80_kg,
    ) {
    }

    public static function of(LearnedHelp $learned, CarriedLoad $load): self
    {
        $help = static fn (float $share): float => $load->helpKg($share * $load->weightN);

        return new self(
            $learned->share,
            $learned->low80,
            $learned->high80,
            $help($learned->share),
            $help($learned->high80),
            $help($learned->low80),
        );
    }
}
