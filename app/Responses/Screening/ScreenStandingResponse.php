<?php

declare(strict_types=1);

namespace App\Responses\Screening;

use OpenApi\Attributes as OA;
use SteadyRung\Safety\Consent\ConsentState;
use SteadyRung\Safety\Limit;
use SteadyRung\Safety\ScreenOutcome;

/**
 * What the last screen leaves an athlete to do.
 */
#[OA\Schema]
final readonly class ScreenStandingResponse
{
    /**
     * @param  list<string>  $limits
     * @param  list<MobilityResponse>  $mobility
     */
    public function __construct(
        #[OA\Property(format: 'date')]
        public ?string $on,
        #[OA\Property]
        public ?ScreenOutcome $outcome,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Limit::class))]
        public array $limits,
        #[OA\Property(description: 'No more than this part of bodyweight.')]
        public ?float $most_share,
        #[OA\Property(description: 'Why to screen, or to screen again; none where the last one holds.')]
        public ?string $due,
        #[OA\Property(
            description: 'What to do meanwhile, where nothing may be loaded or the arms do not come overhead.',
            type: 'array',
            items: new OA\Items(ref: MobilityResponse::class),
        )]
        public array $mobility,
        #[OA\Property(description: 'Whether they agree to answers being kept; none where the gym does not ask.')]
        public ?ConsentState $consent,
        #[OA\Property(description: 'The same, said.')]
        public ?string $consent_text,
    ) {
    }
}
