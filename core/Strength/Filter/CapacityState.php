<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Filter;

use SteadyRung\Normal;

/**
 * What is believed of an athlete's strength in one pattern after a set, under each hypothesis and over all of them.
 */
final readonly class CapacityState
{
    private const MOST_SETUPS = 6;

    /**
     * @param  array<string, int>  $setups  where the error of each set-up stands, the one longest not used first
     * @param  non-empty-list<Hypothesis>  $hypotheses
     * @param  non-empty-list<float>  $logWeights
     * @param  non-empty-list<Gaussian>  $estimates
     */
    private function __construct(
        public int $day,
        public array $setups,
        public array $hypotheses,
        public array $logWeights,
        public array $estimates,
    ) {
    }

    /**
     * @param  array<string, int>  $setups
     * @param  non-empty-list<Hypothesis>  $hypotheses
     * @param  non-empty-list<float>  $logWeights  up to a common addend
     * @param  non-empty-list<Gaussian>  $estimates
     */
    public static function weighed(int $day, array $setups, array $hypotheses, array $logWeights, array $estimates): self
    {
        $most = max($logWeights);
        $sum = $most + log(array_sum(array_map(static fn (float $w): float => exp($w - $most), $logWeights)));

        return new self($day, $setups, $hypotheses, array_map(static fn (float $w): float => $w - $sum, $logWeights), $estimates);
    }

    /**
     * Exactly as it was taken apart.
     *
     * @param  array<string, int>  $setups
     * @param  non-empty-list<Hypothesis>  $hypotheses
     * @param  list<float>  $logWeights  as many as there are hypotheses, and as many beliefs
     * @param  list<Gaussian>  $estimates
     */
    public static function restored(int $day, array $setups, array $hypotheses, array $logWeights, array $estimates): self
    {
        assert($logWeights !== [] && $estimates !== []);

        return new self($day, $setups, $hypotheses, $logWeights, $estimates);
    }

    /** The same belief on a later day, and so many trained weeks ahead of that: always from the last set in one step. */
    public function on(int $day, float $weeksAhead = 0.0): self
    {
        $weeks = max(0, $day - $this->day) / 7.0;
        if ($weeks + $weeksAhead === 0.0) {
            return $this;
        }
        $step = TimeStep::of($weeks, $weeksAhead);

        return new self(
            max($day, $this->day),
            $this->setups,
            $this->hypotheses,
            $this->logWeights,
            array_map(static fn (Gaussian $b): Gaussian => $step->after($b), $this->estimates),
        );
    }

    /** The same belief with so much log capacity lost. */
    public function less(float $log): self
    {
        return new self(
            $this->day,
            $this->setups,
            $this->hypotheses,
            $this->logWeights,
            array_map(static fn (Gaussian $b): Gaussian => $b->moved(Gaussian::LEVEL, -$log), $this->estimates),
        );
    }

    /** With the error of a load's set-up among those looked after, as the one last used; the one longest not used is forgotten. */
    public function using(FeltLoad $load): self
    {
        $key = $load->lastingKey();
        if ($key === null) {
            return $this;
        }
        $setups = $this->setups;
        $at = $setups[$key] ?? (count($setups) < self::MOST_SETUPS ? Gaussian::FIRST_ERROR + count($setups) : reset($setups));
        $isKnown = isset($setups[$key]);
        $setups = array_filter($setups, static fn (int $slot): bool => $slot !== $at);
        $setups[$key] = $at;

        return new self(
            $this->day,
            $setups,
            $this->hypotheses,
            $this->logWeights,
            $isKnown
                ? $this->estimates
                : array_map(static fn (Gaussian $b): Gaussian => $b->with($at, 0.0, $load->sdLog()), $this->estimates),
        );
    }

    /**
     * What a set on a load speaks of: log capacity, the error of its set-up, and what fading help is worth.
     *
     * @return array<int, float>
     */
    public function directionOf(FeltLoad $load): array
    {
        $direction = [Gaussian::LEVEL => 1.0];
        if ($load->shape !== 0.0) {
            $direction[Gaussian::FADING] = $load->shape / $load->share;
        }
        $at = $load->lastingKey() === null ? null : $this->setups[$load->lastingKey()] ?? null;

        return $at === null ? $direction : $direction + [$at => 1.0];
    }

    /** Whether the error of the load's set-up is known from sets done on it. */
    public function knows(FeltLoad $load): bool
    {
        return $load->lastingKey() === null || isset($this->setups[$load->lastingKey()]);
    }

    /** Log capacity, as a share of bodyweight. */
    public function level(): Mixture
    {
        return $this->along([Gaussian::LEVEL => 1.0]);
    }

    /** Log capacity as a load meets it: with what is known of the error of its set-up, and of help that fades. */
    public function against(FeltLoad $load): Mixture
    {
        return $this->along($this->directionOf($load));
    }

    /** Log capacity gained a week. */
    public function trend(): Mixture
    {
        return $this->along([Gaussian::NEW_TREND => 1.0, Gaussian::STEADY_TREND => 1.0]);
    }

    /**
     * By how much sets on a load's set-up speak for another log capacity than others do: what it is easier than thought; none before the
     * first.
     */
    public function errorOf(FeltLoad $load): ?Mixture
    {
        $at = $this->setups[(string) $load->lastingKey()] ?? null;

        return $at === null ? null : $this->along([$at => 1.0]);
    }

    /** How the reps follow the load. */
    public function k(): WeightedState
    {
        return WeightedState::of(array_map(static fn (Hypothesis $h): float => $h->curve->k, $this->hypotheses), $this->weights());
    }

    /** The load, as a share of bodyweight, on which so many reps are the median. */
    public function shareFor(float $reps): float
    {
        $loads = [];
        foreach ($this->estimates as $i => $estimate) {
            $loads[] = $estimate->mean[Gaussian::LEVEL] - log($this->hypotheses[$i]->curve->ratio($reps));
        }

        return exp(
            Mixture::of(
                $this->weights(),
                $loads,
                array_map(static fn (Gaussian $b): float => sqrt($b->covariance[Gaussian::LEVEL][Gaussian::LEVEL]), $this->estimates),
            )->quantile(0.5),
        );
    }

    /** Chance that capacity suffices for so many strict reps, without the form of the day: 1 + (n − 1)/k of bodyweight. */
    public function chanceOfStrict(int $reps): float
    {
        $chance = 0.0;
        foreach ($this->logWeights as $i => $logWeight) {
            $estimate = $this->estimates[$i];
            $chance += exp($logWeight) * Normal::cdf(
                (
                    $estimate->mean[Gaussian::LEVEL] - log($this->hypotheses[$i]->curve->ratio((float) $reps))
                ) / sqrt($estimate->covariance[Gaussian::LEVEL][Gaussian::LEVEL]),
            );
        }

        return $chance;
    }

    /** Median capacity as a share of bodyweight. */
    public function share(): float
    {
        return exp($this->level()->mean());
    }

    /** Lower end of the 80 % interval. */
    public function low80(): float
    {
        return exp($this->level()->quantile(0.1));
    }

    /** Upper end of the 80 % interval. */
    public function high80(): float
    {
        return exp($this->level()->quantile(0.9));
    }

    /** Standard deviation of log capacity. */
    public function sdLog(): float
    {
        return $this->level()->sd();
    }

    /** @return non-empty-list<float> that add up to 1 */
    public function weights(): array
    {
        return array_map(exp(...), $this->logWeights);
    }

    /** @param  array<int, float>  $direction */
    private function along(array $direction): Mixture
    {
        return Mixture::of(
            $this->weights(),
            array_map(static fn (Gaussian $b): float => $b->meanAlong($direction), $this->estimates),
            array_map(static fn (Gaussian $b): float => sqrt($b->varianceAlong($direction)), $this->estimates),
        );
    }
}
