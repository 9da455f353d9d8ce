<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Timetable;

/**
 * A line of somebody’s session, as far as time and place go.
 */
final readonly class Work
{
    /**
     * @param  int  $sets  in all, those that are done too
     * @param  string|null  $group  lines of a group are done in rounds
     * @param  list<string>  $stations  where it can be done; none: nowhere today
     * @param  list<string>  $gear  all of it at once
     */
    public function __construct(
        public string $line,
        public int $sets,
        public int $setS,
        public int $restS,
        public ?string $group,
        public array $stations,
        public array $gear,
    ) {
    }
}
