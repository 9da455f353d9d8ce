<?php

declare(strict_types=1);

namespace SteadyRung\Call\Situation;

use SteadyRung\Exercise\Rung;
use SteadyRung\Plan\Brief\Brief;
use SteadyRung\Strength\Belief;
use SteadyRung\Strength\RepPrediction;
use SteadyRung\Strength\Reps\Seconds;

/**
 * Foretold from what is believed today: of the work on the present rung, and of the work of other patterns.
 */
final readonly class FromBelief implements Foresight
{
    /**
     * @param  Belief  $belief  of the work on the present rung
     * @param  Rung|null  $now  the present rung
     * @param  (\Closure(Rung): Belief)|null  $elsewhere  of the work on a rung of another pattern
     */
    public function __construct(public Belief $belief, private ?Rung $now = null, private ?\Closure $elsewhere = null)
    {
    }

    public function isKnown(): bool
    {
        return $this->belief->state !== null;
    }

    public function reps(Rung $rung): ?RepPrediction
    {
        return $this->of($rung)->onRung($rung);
    }

    public function seconds(Rung $rung): ?Seconds
    {
        return $this->of($rung)->secondsOn($rung);
    }

    private function of(Rung $rung): Belief
    {
        return $this->elsewhere === null || $this->now === null || Brief::patternOf($rung) === Brief::patternOf($this->now) ? $this->belief : ($this->elsewhere)($rung);
    }
}
