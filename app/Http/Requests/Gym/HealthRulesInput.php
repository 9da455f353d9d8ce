<?php

declare(strict_types=1);

namespace App\Http\Requests\Gym;

use App\Models\Gym\Gym;
use OpenApi\Attributes as OA;
use SteadyRung\Safety\Consent\ConsentRule;
use SteadyRung\Safety\Consent\ConsentWords;

/**
 * What is asked before answers about health are kept, in what words, and for how long they are.
 */
#[OA\Schema]
final readonly class HealthRulesInput
{
    public function __construct(
        #[OA\Property]
        public ConsentRule $consent,
        #[OA\Property(description: 'None for the usual words.', maxLength: ConsentWords::LONGEST)]
        public ?string $consent_words = null,
        #[OA\Property(
            description: 'After so many years what was told of health is erased; none: never.',
            minimum: Gym::KEEP_HEALTH_YEARS[0],
            maximum: Gym::KEEP_HEALTH_YEARS[1],
        )]
        public ?int $keep_health_years = null,
    ) {
    }
}
