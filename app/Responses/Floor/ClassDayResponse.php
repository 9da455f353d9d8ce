<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use App\Responses\Athletes\RosterNameResponse;
use App\Responses\Gym\CoachResponse;
use OpenApi\Attributes as OA;

/**
 * One day of a class with everybody who comes: all that the floor needs while the server is away.
 */
#[OA\Schema(schema: 'ClassDay')]
final readonly class ClassDayResponse
{
    /**
     * @param  list<FloorAthleteResponse>  $athletes
     * @param  list<RosterNameResponse>  $left_over
     * @param  list<FloorPieceResponse>  $gear
     * @param  list<CoachResponse>  $coaches
     * @param  list<RosterNameResponse>  $roster
     */
    public function __construct(
        #[OA\Property]
        public HeldClassResponse $class,
        #[OA\Property(description: 'The number of the latest news in it.')]
        public int $cursor,
        #[OA\Property(description: 'The ticket to ask with whether there is news.')]
        public string $pulse,
        #[OA\Property(items: new OA\Items(ref: FloorAthleteResponse::class))]
        public array $athletes,
        #[OA\Property(
            description: 'Who has a tag of it too, beyond what a floor holds.',
            items: new OA\Items(ref: RosterNameResponse::class),
        )]
        public array $left_over,
        #[OA\Property(
            description: 'What is in the kit, with what is out of use today.',
            items: new OA\Items(ref: FloorPieceResponse::class),
        )]
        public array $gear,
        #[OA\Property(
            ref: TimetableResponse::class,
            description: 'None where the class is over, or nobody has anything to do.',
            nullable: true,
        )]
        public TimetableResponse|\stdClass|null $timetable,
        #[OA\Property(items: new OA\Items(ref: CoachResponse::class))]
        public array $coaches,
        #[OA\Property(
            description: 'Who else may walk in, whoever trained last first.',
            items: new OA\Items(ref: RosterNameResponse::class),
        )]
        public array $roster,
    ) {
    }
}
