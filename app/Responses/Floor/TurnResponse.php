<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use OpenApi\Attributes as OA;
use SteadyRung\Floor\Timetable\Programme;
use SteadyRung\Floor\Timetable\Slot;

/**
 * When and where somebody does a set.
 */
#[OA\Schema(schema: 'Turn')]
final readonly class TurnResponse
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $athlete_id,
        #[OA\Property]
        public string $line,
        #[OA\Property(description: 'Which set of the line.')]
        public int $n,
        #[OA\Property(description: 'From the beginning of the class.')]
        public int $at_s,
        #[OA\Property(description: 'A bar, rings, a machine, or “floor”.')]
        public string $station,
    ) {
    }

    public static function of(Slot $slot): self
    {
        return new self($slot->athlete, Programme::lineOf($slot->set), (int) $slot->set, $slot->startS, $slot->station);
    }
}
