<?php

declare(strict_types=1);

namespace App\Reading;

use OpenApi\Attributes as OA;

/**
 * One day of a class with everybody who comes: all that the floor needs while the server is away.
 */
#[OA\Schema(schema: 'ClassDay')]
final readonly class ClassDayJson
{
    /**
     * @param  list<FloorAthleteJson>  $athletes
     * @param  list<RosterNameJson>  $left_over
     * @param  list<FloorPieceJson>  $gear
     * @param  list<CoachJson>  $coaches
     * @param  list<RosterNameJson>  $roster
     */
    public function __construct(
        #[OA\Property]
        public HeldClassJson $class,
        #[OA\Property(description: 'The number of the latest news in it.')]
        public int $cursor,
        #[OA\Property(description: 'The ticket to ask with whether there is news.')]
        public string $pulse,
        #[OA\Property(items: new OA\Items(ref: FloorAthleteJson::class))]
        public array $athletes,
        #[OA\Property(description: 'Who has a tag of it too, beyond what a floor holds.', items: new OA\Items(ref: RosterNameJson::class))]
        public array $left_over,
        #[OA\Property(description: 'What is in the kit, with what is out of use today.', items: new OA\Items(ref: FloorPieceJson::class))]
        public array $gear,
        #[OA\Property(items: new OA\Items(ref: CoachJson::class))]
        public array $coaches,
        #[OA\Property(description: 'Who else may walk in, whoever trained last first.', items: new OA\Items(ref: RosterNameJson::class))]
        public array $roster,
    ) {
    }
}
