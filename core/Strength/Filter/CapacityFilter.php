<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Filter;

/**
 * Follows capacity from set to set: for each hypothesis a Kalman filter (Kalman 1960) on log capacity, its trends and the errors of
 * set-ups, the hypotheses weighed by how well they foretold what was done.
 */
final readonly class CapacityFilter
{
    /**
     * Log capacity share of a newcomer, a newcomer's and a steady trend a week, what fading help is worth: each with its spread
     * (prototypes).
     */
    private const PRIOR = [[-0.35667494393873245, 0.25], [0.010, 0.012], [0.006, 0.006], [0.0, 0.25]];

    /** @param  non-empty-list<Hypothesis>  $hypotheses */
    private function __construct(public array $hypotheses)
    {
    }

    /** The filter everybody is followed by. */
    public static function usual(): self
    {
        return self::over(Hypothesis::all());
    }

    /** @param  non-empty-list<Hypothesis>  $hypotheses */
    public static function over(array $hypotheses): self
    {
        return new self($hypotheses);
    }

    /** What is believed before anything was seen. */
    public function prior(int $day): CapacityState
    {
        $start = Gaussian::independent(self::PRIOR);

        return CapacityState::weighed(
            $day,
            [],
            $this->hypotheses,
            array_map(static fn (Hypothesis $h): float => $h->logWeight, $this->hypotheses),
            array_fill(0, count($this->hypotheses), $start),
        );
    }

    /**
     * The belief after a day, by the sets that tell of it.
     *
     * @param  array<Observation>  $day  in their order
     */
    public function afterDay(?CapacityState $before, array $day): ?CapacityState
    {
        foreach (Observation::telling($day) as $set) {
            $before = $this->after($before, $set);
        }

        return $before;
    }

    /** The belief after one more set: one step of time from the last one, then what this one claims. */
    public function after(?CapacityState $before, Observation $set): CapacityState
    {
        $state = ($before?->on($set->day) ?? $this->prior($set->day))->using($set->load);
        $direction = $state->directionOf($set->load);
        $logWeights = $estimates = [];
        foreach ($state->estimates as $i => $estimate) {
            $hypothesis = $this->hypotheses[$i];
            $claim = $set->claim($hypothesis->curve);
            $pull = $claim->against($estimate->meanAlong($direction), $estimate->varianceAlong($direction) + $hypothesis->formSd ** 2);
            $estimates[] = $estimate->pulled($direction, $pull);
            $logWeights[] = $state->logWeights[$i] + $pull->logLikelihood - $set->logRepsPerLog($hypothesis->curve);
        }

        return CapacityState::weighed($set->day, $state->setups, $this->hypotheses, $logWeights, $estimates);
    }
}
