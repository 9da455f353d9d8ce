<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Collision;

use SteadyRung\Floor\Timetable\Comer;
use SteadyRung\Floor\Timetable\Programme;
use SteadyRung\Floor\Timetable\Turn;

/**
 * Another set-up that would do for somebody’s next sets, about as hard, and where it is done.
 */
final readonly class Instead
{
    /**
     * @param  non-empty-list<string>  $stations
     * @param  list<string>  $gear
     */
    public function __construct(
        public string $athlete,
        public string $line,
        public string $rung,
        public array $stations,
        public array $gear,
    ) {
    }

    /** Their sets with this in the place of what is left of the line. */
    public function of(Comer $comer, int $begun): Comer
    {
        $turns = array_map(
            fn (Turn $turn, int $i): Turn => $i < $begun || Programme::lineOf($turn->id) !== $this->line
                ? $turn
                : new Turn($turn->id, $turn->durationS, $turn->restAfterS, $this->stations, $this->gear),
            $comer->turns,
            array_keys($comer->turns),
        );

        return new Comer($comer->id, $comer->arrivesS, $turns);
    }
}
