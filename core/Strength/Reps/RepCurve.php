<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Reps;

use SteadyRung\OutOfRange;

/**
 * How many reps go with which part of the one-rep load, valid to 12 reps. Loads are in any one unit.
 */
final readonly class RepCurve
{
    public const USUAL_K = 27.0;

    public const K = [12.0, 60.0];

    public const MOST_REPS = 12.0;

    public const REPS = [1.0, 100.0];

    public const LOAD_KG = [0.1, 1000.0];

    private function __construct(public Formula $formula, public float $k)
    {
    }

    /**
     * C = L·(1 + (n − 1)/k), k 12–60; at 27 it agrees with the NSCA load chart (memory).
     *
     * @throws OutOfRange if k is outside
     */
    public static function steady(float $k = self::USUAL_K): self
    {
        return self::of(Formula::Steady, $k);
    }

    /**
     * The curve of a formula; k is used by the steady one only. Epley 1985: C = L·(1 + n/30). Brzycki 1993: C = 36·L/(37 − n).
     *
     * @throws OutOfRange if k is outside
     */
    public static function of(Formula $formula, float $k = self::USUAL_K): self
    {
        OutOfRange::guard(['k' => [$k, self::K]]);

        return new self($formula, $k);
    }

    /**
     * The load for one rep of somebody who does so many at this load; above 12 reps counted as 12.
     *
     * @throws OutOfRange if the load or the reps are outside
     */
    public function capacity(float $load, float $reps): float
    {
        OutOfRange::guard(['load_kg' => [$load, self::LOAD_KG], 'reps' => [$reps, self::REPS]]);

        return $load * $this->ratio(min($reps, self::MOST_REPS));
    }

    /**
     * The reps at a load of somebody with this capacity, 0–12.
     *
     * @throws OutOfRange if the load or the capacity is outside
     */
    public function repsAt(float $capacity, float $load): Reps
    {
        OutOfRange::guard(['capacity_kg' => [$capacity, self::LOAD_KG], 'load_kg' => [$load, self::LOAD_KG]]);
        $reps = $this->repsFor($capacity / $load);

        return new Reps(max(0.0, min($reps, self::MOST_REPS)), $reps > self::MOST_REPS);
    }

    /** Capacity over load for so many reps. */
    public function ratio(float $reps): float
    {
        return match ($this->formula) {
            Formula::Steady => 1.0 + ($reps - 1.0) / $this->k,
            Formula::Epley => 1.0 + $reps / 30.0,
            Formula::Brzycki => 36.0 / (37.0 - $reps),
        };
    }

    /** Inverse of ratio, not clipped. */
    public function repsFor(float $ratio): float
    {
        return match ($this->formula) {
            Formula::Steady => 1.0 + $this->k * ($ratio - 1.0),
            Formula::Epley => 30.0 * ($ratio - 1.0),
            Formula::Brzycki => 37.0 - 36.0 / $ratio,
        };
    }
}
