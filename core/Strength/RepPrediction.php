<?php

declare(strict_types=1);

namespace SteadyRung\Strength;

use SteadyRung\Normal;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * Clean reps to expect in one set at a load: median, 80 % interval, and the chance of reaching a number.
 */
final readonly class RepPrediction
{
    /** Spread of the set to come that no state removes: form of the day and of the count (common practice). */
    private const SET_SD = 0.04;

    private function __construct(
        private RepCurve $curve,
        private CapacityState $state,
        private float $loadShare,
        private float $meanLogRatio,
        private float $sdLogRatio,
    ) {
    }

    /** For a load as a share of bodyweight (on the way up) with its standard deviation. */
    public static function at(RepCurve $curve, CapacityState $state, float $loadShare, float $loadShareSd): self
    {
        $variance = $state->variance + ($loadShareSd / $loadShare) ** 2 + self::SET_SD ** 2;

        return new self($curve, $state, $loadShare, $state->meanLog - log($loadShare), sqrt($variance));
    }

    /** Median reps, 0–12. */
    public function median(): float
    {
        return $this->quantile(0.0);
    }

    public function low80(): float
    {
        return $this->quantile(-Normal::Z90);
    }

    public function high80(): float
    {
        return $this->quantile(Normal::Z90);
    }

    /** Whether the median lies above the 12 reps the formula is valid for. */
    public function isClipped(): bool
    {
        return $this->curve->repsFor(exp($this->meanLogRatio)) > RepCurve::MOST_REPS;
    }

    /** Chance of at least so many clean reps, 0–1. */
    public function chanceOf(int $reps): float
    {
        return Normal::cdf(($this->meanLogRatio - log($this->curve->ratio((float) $reps))) / $this->sdLogRatio);
    }

    public function why(): Explanation
    {
        return new Explanation(
            [
                new Step('Capacity', 'one-rep load as a share of bodyweight, from the log', 100 * $this->state->share(), '%', 'followed from session to session, local level filter (Kalman 1960)'),
                new Step('Load on the way up', 'carried share, ascent', 100 * $this->loadShare, '%'),
                new Step('Predicted reps', sprintf('1 + %.0f × (capacity ÷ load − 1), at least 0 and at most 12', $this->curve->k), $this->median(), 'reps', 'NSCA load chart (memory), Epley 1985, Brzycki 1993'),
            ],
            [sprintf('Eight sets in ten fall within %.0f to %.0f reps; capacity is %.0f–%.0f %%.', floor($this->low80()), floor($this->high80()), 100 * $this->state->low80(), 100 * $this->state->high80())],
            ['Log a set with the reps left in reserve.'],
        );
    }

    private function quantile(float $z): float
    {
        $reps = $this->curve->repsFor(exp($this->meanLogRatio + $z * $this->sdLogRatio));

        return max(0.0, min($reps, RepCurve::MOST_REPS));
    }
}
