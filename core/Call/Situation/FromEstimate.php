<?php

declare(strict_types=1);

namespace SteadyRung\Call\Situation;

use SteadyRung\Exercise\Rung;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Strength\Estimate;
use SteadyRung\Strength\RepPrediction;
use SteadyRung\Strength\Reps\Seconds;

/**
 * Foretold from what is believed today: of the work on the present rung, and of the work of other patterns.
 */
final readonly class FromEstimate implements Foresight
{
    /**
     * @param  Estimate  $estimate  of the work on the present rung
     * @param  Rung|null  $now  the present rung
     * @param  (\Closure(Rung): Estimate)|null  $elsewhere  of the work on a rung of another pattern
     */
    public function __construct(public Estimate $estimate, private ?Rung $now = null, private ?\Closure $elsewhere = null)
    {
    }

    public function isKnown(): bool
    {
        return $this->estimate->state !== null;
    }

    public function reps(Rung $rung): ?RepPrediction
    {
        return $this->of($rung)->onRung($rung);
    }

    public function seconds(Rung $rung): ?Seconds
    {
        return $this->of($rung)->secondsOn($rung);
    }

    private function of(Rung $rung): Estimate
    {
        return $this->elsewhere === null
            || $this->now === null
            || AthleteContext::patternOf($rung) === AthleteContext::patternOf($this->now)
            ? $this->estimate
            : ($this->elsewhere)($rung);
    }
}
