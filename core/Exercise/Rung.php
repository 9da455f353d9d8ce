<?php

declare(strict_types=1);

namespace SteadyRung\Exercise;

use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Setup\BandHazard;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\Setup;

/**
 * An exercise on this gym's gear that fits this athlete, with what it makes the arms carry.
 */
final readonly class Rung
{
    /** An interval wider than this is no rung: nobody knows how far up it stands. */
    private const WIDEST_INTERVAL = 0.12;

    public function __construct(
        public Exercise $exercise,
        public string $name,
        public Setup $setup,
        public CarriedLoad $load,
    ) {
    }

    public function share(): float
    {
        return $this->load->share();
    }

    public function lane(): Lane
    {
        return $this->exercise->lane();
    }

    public function key(): string
    {
        return $this->exercise->key();
    }

    /** Whether one can stand on it: no caution speaks against it, and it is known well enough where it lies. */
    public function holds(): bool
    {
        $range = $this->load->shareRange;

        return ! $this->load->isCautioned()
            && ($this->load->hazard === null || $this->load->hazard->liftOff() <= BandHazard::MOST_LIFT_OFF)
            && ($range === null || $range[1] - $range[0] <= self::WIDEST_INTERVAL);
    }

    /** Whether the legs help by as much as nobody measured: as much as is missing. */
    public function legsGiveTheRest(): bool
    {
        return $this->exercise->setup->kind()->isByLegs() && ! $this->holds();
    }
}
