<?php

declare(strict_types=1);

namespace App\Responses\Gym;

use OpenApi\Attributes as OA;

/**
 * How far a new gym is on its way to the first session, and the gear it may have.
 */
#[OA\Schema(schema: 'FirstSteps')]
final readonly class FirstStepsResponse
{
    /**
     * @param  list<float>  $bars_m
     * @param  list<float>  $boxes_m
     * @param  list<UsualBandResponse>  $bands
     */
    public function __construct(
        #[OA\Property(description: 'A bar, and something that helps.')]
        public bool $gear,
        #[OA\Property(description: 'The first one who is here.')]
        public ?FirstAthleteResponse $athlete,
        #[OA\Property]
        public bool $screened,
        #[OA\Property]
        public bool $baseline,
        #[OA\Property]
        public bool $session,
        #[OA\Property(description: 'Usual heights of bars.', items: new OA\Items(type: 'number'))]
        public array $bars_m,
        #[OA\Property(description: 'Usual heights of boxes.', items: new OA\Items(type: 'number'))]
        public array $boxes_m,
        #[OA\Property(description: 'Usual loop bands.', items: new OA\Items(ref: UsualBandResponse::class))]
        public array $bands,
    ) {
    }
}
