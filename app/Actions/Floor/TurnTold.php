<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use OpenApi\Attributes as OA;
use SteadyRung\Floor\Timetable\Comer;

/**
 * When and where somebody is to do a set.
 */
#[OA\Schema(schema: 'TurnTold')]
final readonly class TurnTold
{
    private const AT_S = [-43_200, 43_200];

    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $athlete_id,
        #[OA\Property(maxLength: 160)]
        public string $line,
        #[OA\Property(description: 'Which set of the line.', minimum: 1, maximum: Comer::TURNS[1])]
        public int $n,
        #[OA\Property(
            description: 'From the beginning of the class; below 0 before all others.',
            minimum: self::AT_S[0],
            maximum: self::AT_S[1],
        )]
        public int $at_s,
        #[OA\Property(description: 'A bar, rings, a machine, or the floor.', maxLength: 36)]
        public string $station,
    ) {
    }
}
