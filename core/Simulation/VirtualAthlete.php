<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

use Random\Engine\Mt19937;
use Random\Randomizer;
use SteadyRung\Strength\RepCurve;

/**
 * An athlete who trains as one would: capacity grows slowly, days differ, later sets tire. The same seed gives the same athlete.
 */
final class VirtualAthlete
{
    private const FORM_SD = 0.025;

    private const TIRING_PER_SET = 0.015;

    private const STEPS = 1 << 30;

    private readonly Randomizer $random;

    private float $form = 0.0;

    private function __construct(
        private float $capacityShare,
        private readonly float $weeklyGain,
        private readonly RepCurve $curve,
        int $seed,
    ) {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public static function of(float $capacityShare, float $weeklyGain, int $seed, ?RepCurve $curve = null): self
    {
        return new self($capacityShare, $weeklyGain, $curve ?? RepCurve::steady(), $seed);
    }

    public function capacityShare(): float
    {
        return $this->capacityShare;
    }

    /** Lets days of ordinary training pass, and draws the form of the day they end on. */
    public function train(int $days): void
    {
        $this->capacityShare *= 1.0 + $this->weeklyGain * $days / 7.0;
        $this->form = self::FORM_SD * $this->gauss();
    }

    /** Reps to failure in the nth set of the day (first = 0) at a carried share; whole reps. */
    public function repsToFailure(float $loadShare, int $setIndex): int
    {
        $today = $this->capacityShare * (1.0 + $this->form - self::TIRING_PER_SET * $setIndex);
        $reps = $this->curve->repsFor($today / $loadShare) + 0.5 * $this->gauss();

        return max(0, (int) floor($reps));
    }

    public function chance(float $of): bool
    {
        return $this->uniform() < $of;
    }

    /** Above 0, at most 1. */
    private function uniform(): float
    {
        return $this->random->getInt(1, self::STEPS) / self::STEPS;
    }

    /** Box & Muller 1958. */
    private function gauss(): float
    {
        $radius = sqrt(-2.0 * log($this->uniform()));

        return $radius * cos(2.0 * M_PI * $this->uniform());
    }
}
