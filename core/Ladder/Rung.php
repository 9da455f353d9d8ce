<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\Setup;
use SteadyRung\Setup\Warning;
use SteadyRung\Strength\Belief;
use SteadyRung\Strength\RepPrediction;

/**
 * A set-up of this gym's gear that fits this athlete, with what it makes the arms carry.
 */
final readonly class Rung
{
    /** An interval wider than this is no rung: nobody knows how far up it stands. */
    private const WIDEST_INTERVAL = 0.12;

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

    public function key(): string
    {
        return $this->choice->key();
    }

    /** Reps to expect on it; none before a baseline. */
    public function predict(Belief $belief): ?RepPrediction
    {
        return $belief->predict($this->load->ascentShare(), $this->load->shareSd);
    }

    /** Whether one can stand on it: no caution speaks against it, and it is known well enough where it lies. */
    public function holds(): bool
    {
        $range = $this->load->shareRange;
        $cautioned = array_filter($this->load->warnings, static fn (Warning $w): bool => $w->code->isCaution());

        return $cautioned === [] && ($range === null || $range[1] - $range[0] <= self::WIDEST_INTERVAL);
    }
}
