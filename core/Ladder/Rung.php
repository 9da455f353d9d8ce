<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\Setup;
use SteadyRung\Strength\CapacityState;
use SteadyRung\Strength\RepCurve;
use SteadyRung\Strength\RepPrediction;

/**
 * A set-up of this gym's gear that fits this athlete, with what it makes the arms carry.
 */
final readonly class Rung
{
    public function __construct(
        public Choice $choice,
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
        return $this->choice->kind()->lane();
    }

    public function predict(RepCurve $curve, CapacityState $capacity): RepPrediction
    {
        return RepPrediction::at($curve, $capacity, $this->load->ascentShare(), $this->load->shareSd);
    }
}
