<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Timetable;

use SteadyRung\OutOfRange;

/**
 * A set that somebody is to do: how long it takes, how long they rest after it, on which stations it can be done, and what it needs.
 */
final readonly class Turn
{
    public const DURATION_S = [1, 1800];

    public const REST_S = [0, 1800];

    /**
     * @param  non-empty-list<string>  $stations
     * @param  list<string>  $gear  all of it at once
     *
     * @throws OutOfRange if a time is outside
     */
    public function __construct(
        public string $id,
        public int $durationS,
        public int $restAfterS,
        public array $stations,
        public array $gear = [],
    ) {
        OutOfRange::guard(['duration_s' => [$durationS, self::DURATION_S], 'rest_after_s' => [$restAfterS, self::REST_S]]);
    }
}
