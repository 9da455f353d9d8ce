<?php

declare(strict_types=1);

namespace SteadyRung\Strength;

use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * What a session did to the belief in an athlete's capacity: its most telling set weighed against what was believed before.
 */
final readonly class CapacityUpdate
{
    private const FILTER = 'local level filter (Kalman 1960)';

    private function __construct(
        public CapacityState $state,
        private RepCurve $curve,
        private Observation $set,
        private ?CapacityState $prior,
        private float $gain,
    ) {
    }

    /** The belief begins at what the set says. */
    public static function first(RepCurve $curve, Observation $set): self
    {
        return new self(new CapacityState($set->day, $set->logCapacity($curve), $set->variance($curve)), $curve, $set, null, 1.0);
    }

    /**
     * mean + gain·(seen − mean) with gain = variance / (variance + the set's variance), unless the set only bounds
     * what the prior says anyway.
     */
    public static function of(RepCurve $curve, CapacityState $prior, Observation $set): self
    {
        $seen = $set->logCapacity($curve);
        if (($set->isLowerBound() && $seen <= $prior->meanLog) || ($set->isUpperBound() && $seen >= $prior->meanLog)) {
            return new self($prior, $curve, $set, $prior, 0.0);
        }
        $gain = $prior->variance / ($prior->variance + $set->variance($curve));

        return new self(new CapacityState($set->day, $prior->meanLog + $gain * ($seen - $prior->meanLog), (1.0 - $gain) * $prior->variance), $curve, $set, $prior, $gain);
    }

    public function why(): Explanation
    {
        return new Explanation(
            [
                new Step('Load of the most telling set', $this->setInWords().'; carried share on the way up', 100 * $this->set->loadShare, '%'),
                new Step('What that set speaks for', sprintf('load × (1 + (reps to failure − 1) ÷ %.0f)', $this->curve->k), 100 * exp($this->set->logCapacity($this->curve)), '%', 'NSCA load chart (memory), Epley 1985, Brzycki 1993'),
                ...$this->weighing(),
                new Step('Capacity', 'one-rep load as a share of bodyweight', 100 * $this->state->share(), '%'),
            ],
            $this->uncertainties(),
            $this->remedies(),
        );
    }

    /** @return list<Step> */
    private function weighing(): array
    {
        if ($this->prior === null) {
            return [];
        }
        $how = $this->gain > 0.0 ? 'the surer of the two counts more' : 'it only bounds what was believed already, so it changes nothing';

        return [
            new Step('Believed before', 'from the sessions before; wider for the days between', 100 * $this->prior->share(), '%'),
            new Step('Weight of this session', $how, 100 * $this->gain, '%', self::FILTER),
        ];
    }

    private function setInWords(): string
    {
        $reserve = $this->set->reserve === null ? 'reserve unknown' : sprintf('%d in reserve', $this->set->reserve);

        return sprintf('%d clean, %s', $this->set->reps, $reserve);
    }

    /** @return list<string> */
    private function uncertainties(): array
    {
        $interval = sprintf('Eight times in ten it lies from %.0f to %.0f %%.', 100 * $this->state->low80(), 100 * $this->state->high80());

        return $this->set->loadShareSd > 0.0
            ? [$interval, sprintf('The load of that set is known to ± %.1f points.', 100 * $this->set->loadShareSd)]
            : [$interval];
    }

    /** @return list<string> */
    private function remedies(): array
    {
        return match (true) {
            $this->set->reserve === null => ['Log a set with the reps left in reserve.'],
            $this->set->isLowerBound() => ['Log a set with fewer than four reps left: far from failure it only says “at least so much”.'],
            $this->set->isUpperBound() => ['Log a set on more help: without one clean rep it only says “less than so much”.'],
            default => [],
        };
    }
}
