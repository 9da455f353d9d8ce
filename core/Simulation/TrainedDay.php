<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

use SteadyRung\Call\Call;
use SteadyRung\Method\Place;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Session\Session;

/**
 * One day of an apprenticeship: what was written, what was done, and what was called.
 */
final readonly class TrainedDay
{
    /** @param  list<Done>  $sets */
    public function __construct(
        public int $day,
        public Session $session,
        public array $sets,
        public ?Call $call,
        public Place $place,
        public int $soreness,
        public float $capacityShare,
    ) {
    }

    public function came(): DaySets
    {
        return new DaySets($this->sets);
    }
}
