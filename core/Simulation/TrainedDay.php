<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

use SteadyRung\Call\Call;
use SteadyRung\Method\Place;
use SteadyRung\Method\SessionPart;
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

    /** The same of the main work alone, without what is done beside it. */
    public function mainCame(): DaySets
    {
        $main = [];
        foreach ($this->session->blocks as $block) {
            if ($block->part === SessionPart::Main && $block->rung() !== null) {
                $main[$block->rung()->exercise->work()] = true;
            }
        }

        return new DaySets(array_values(array_filter($this->sets, static fn (Done $d): bool => isset($main[$d->work ?? '']))));
    }
}
