<?php

declare(strict_types=1);

namespace App\Responses\Board;

use App\Formats\Units\LengthUnit;
use App\Formats\Units\MassUnit;
use App\Responses\Floor\FloorPieceResponse;
use App\Responses\Floor\HeldClassResponse;
use App\Responses\Floor\TurnResponse;
use OpenApi\Attributes as OA;

/**
 * A class on its day as everybody in the gym may read it: nothing of health, weight or calls is in it.
 */
#[OA\Schema]
final readonly class BoardResponse
{
    /**
     * @param  list<BoardAthleteResponse>  $athletes
     * @param  list<FloorPieceResponse>  $gear
     * @param  list<object>|null  $turns
     */
    public function __construct(
        #[OA\Property]
        public HeldClassResponse $class,
        #[OA\Property(description: 'IANA time zone of the gym.')]
        public string $timezone,
        #[OA\Property(description: 'What lengths and pins are read in.')]
        public MassUnit $mass_unit,
        #[OA\Property]
        public LengthUnit $length_unit,
        #[OA\Property(description: 'The number of the latest news in it.')]
        public int $cursor,
        #[OA\Property(description: 'The ticket to ask with whether there is news.')]
        public string $pulse,
        #[OA\Property(items: new OA\Items(ref: BoardAthleteResponse::class))]
        public array $athletes,
        #[OA\Property(items: new OA\Items(ref: FloorPieceResponse::class))]
        public array $gear,
        #[OA\Property(
            description: 'What is left to be done, in order of time; none where it was not timed.',
            items: new OA\Items(ref: TurnResponse::class),
        )]
        public ?array $turns,
    ) {
    }
}
