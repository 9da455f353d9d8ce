<?php

declare(strict_types=1);

namespace App\Responses\Own;

use App\Formats\Units\LengthUnit;
use App\Formats\Units\MassUnit;
use App\Models\Gym\AthletesTell;
use App\Responses\Athletes\CapacityResponse;
use App\Responses\Consent\ConsentResponse;
use App\Responses\Log\BestResponse;
use App\Responses\Trend\ForecastResponse;
use OpenApi\Attributes as OA;

/**
 * What an athlete sees of themselves.
 */
#[OA\Schema(schema: 'OwnPage')]
final readonly class OwnPageResponse
{
    /**
     * @param  list<string>  $tells
     * @param  list<OwnSetResponse>  $sets
     * @param  list<BestResponse>  $bests
     * @param  list<OwnClassResponse>  $classes
     */
    public function __construct(
        #[OA\Property]
        public string $gym_name,
        #[OA\Property]
        public MassUnit $mass_unit,
        #[OA\Property]
        public LengthUnit $length_unit,
        #[OA\Property]
        public string $name,
        #[OA\Property(format: 'date')]
        public string $today,
        #[OA\Property(description: 'Until when the link opens this page.', format: 'date')]
        public string $last_on,
        #[OA\Property(description: 'What the gym lets athletes tell.', items: new OA\Items(type: 'string', enum: AthletesTell::class))]
        public array $tells,
        #[OA\Property(description: 'Whether pulling is paused until the coach clears it.')]
        public bool $paused,
        #[OA\Property(description: 'The pain told here that it is paused for; none where somebody else told it.', format: 'uuid')]
        public ?string $pain_told,
        #[OA\Property(description: 'As told today.')]
        public ?int $soreness,
        #[OA\Property(description: 'None while paused.')]
        public ?OwnSessionResponse $session,
        #[OA\Property(description: 'None before a set-up for pulls was chosen: shares of rows are another matter.')]
        public ?OwnLadderResponse $ladder,
        #[OA\Property]
        public ?CapacityResponse $capacity,
        #[OA\Property(description: 'Of the next number of strict pull-ups.')]
        public ?ForecastResponse $forecast,
        #[OA\Property(description: 'The latest, newest first.', items: new OA\Items(ref: OwnSetResponse::class))]
        public array $sets,
        #[OA\Property(items: new OA\Items(ref: BestResponse::class))]
        public array $bests,
        #[OA\Property(description: 'Theirs in the week to come.', items: new OA\Items(ref: OwnClassResponse::class))]
        public array $classes,
        #[OA\Property(description: 'Their sessions for a calendar that asks by itself: behind the address of this installation.')]
        public string $calendar,
        #[OA\Property(description: 'What they agreed to; none where the gym does not ask.')]
        public ?ConsentResponse $consent,
        #[OA\Property(description: 'After so many years what was told of health is erased; none: never.')]
        public ?int $keep_health_years,
    ) {
    }
}
