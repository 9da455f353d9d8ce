<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Filter\Observation;

/**
 * A first set: what was believed before it, what was logged, and the truth that nobody sees.
 */
final readonly class SimulatedSet
{
    /**
     * @param  float  $capacityShare  without the form of the day
     * @param  bool  $isStrictDone  in a try of that day
     */
    public function __construct(
        public int $day,
        public CapacityState $before,
        public Observation $set,
        public int $toFailure,
        public float $capacityShare,
        public bool $isStrictDone = false,
    ) {
    }
}
