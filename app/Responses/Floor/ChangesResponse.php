<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use OpenApi\Attributes as OA;

/**
 * What is new on a floor since a number.
 */
#[OA\Schema(schema: 'News')]
final readonly class ChangesResponse
{
    /**
     * @param  list<FloorAthleteResponse>  $athletes
     * @param  list<FloorPieceResponse>|null  $gear
     */
    public function __construct(
        #[OA\Property(description: 'To ask with the next time.')]
        public int $cursor,
        #[OA\Property(description: 'Whether too much was missed: read the class anew.')]
        public bool $missed,
        #[OA\Property(description: 'Those of whom there is news.', items: new OA\Items(ref: FloorAthleteResponse::class))]
        public array $athletes,
        #[OA\Property(
            description: 'All of it, where some went out of use or came back; else none.',
            items: new OA\Items(ref: FloorPieceResponse::class),
        )]
        public ?array $gear,
        #[OA\Property(ref: TimetableResponse::class, description: 'As it is now; none where the class is over.', nullable: true)]
        public TimetableResponse|\stdClass|null $timetable,
    ) {
    }
}
