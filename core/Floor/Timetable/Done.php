<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Timetable;

/**
 * A set that was done, and where.
 */
final readonly class Done
{
    /**
     * @param  string|null  $line  none of a set beside the session
     * @param  int  $endS  from the beginning of the class; before it below 0
     * @param  list<string>  $gear
     */
    public function __construct(
        public ?string $line,
        public int $endS,
        public int $setS,
        public int $restS,
        public string $station,
        public array $gear,
    ) {
    }
}
