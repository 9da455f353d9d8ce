<?php

declare(strict_types=1);

namespace SteadyRung\Strength;

use SteadyRung\Exercise\Rung;

/**
 * What is believed of an athlete's capacity today: the state after the last session (observed) moved to this day, with its curve.
 */
final readonly class Belief
{
    private function __construct(public RepCurve $curve, public ?CapacityState $observed, public ?CapacityState $state, public int $today)
    {
    }

    /** The belief on a day, from the state after the last session; none where nothing was logged. */
    public static function on(int $today, ?CapacityState $lastState): self
    {
        $filter = CapacityFilter::usual();

        return new self($filter->curve, $lastState, $lastState === null ? null : $filter->forward($lastState, $today), $today);
    }

    /** Reps to expect at an effective share with its standard deviation; none before a baseline. */
    public function predict(float $loadShare, float $loadShareSd): ?RepPrediction
    {
        return $this->state === null ? null : RepPrediction::at($this->curve, $this->state, $loadShare, $loadShareSd);
    }

    /** Reps to expect on a rung, likewise. */
    public function onRung(Rung $rung): ?RepPrediction
    {
        return $this->predict($rung->load->effectiveShare(), $rung->load->shareSd);
    }

    /** Seconds to expect of a lowering or a hold, likewise; none where the grip decides. */
    public function secondsOn(Rung $rung): ?Seconds
    {
        return $this->state === null ? null : Seconds::expected($this->state->share(), sqrt($this->state->variance), $rung->exercise->manner, $rung->load);
    }

    /** The load, as a share of bodyweight, on which so many reps are the median; none before a baseline. */
    public function shareFor(float $reps): ?float
    {
        return $this->state === null ? null : $this->state->share() / $this->curve->ratio($reps);
    }
}
