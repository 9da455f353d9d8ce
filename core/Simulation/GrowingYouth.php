<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

/**
 * Somebody who grows: strength comes with the years and with training, and in spurts the body grows faster than it (judgement).
 */
final class GrowingYouth implements Response
{
    /** Log of bodyweight a week, and how much more of it in a spurt. */
    private const GROWS_A_WEEK = [0.0006, 0.0014];

    private const SPURT = 3.0;

    private const SPURT_A_WEEK = 0.02;

    private const SPURT_WEEKS = [6.0, 14.0];

    private const MATURES_A_WEEK = [0.0015, 0.003];

    private float $spurtWeeks = 0.0;

    private function __construct(
        private float $level,
        private readonly float $growsPerWeek,
        private readonly float $maturesPerWeek,
        private readonly float $gainPerWeek,
        private readonly Draws $draws,
    ) {
    }

    public static function of(float $logCapacity, Draws $draws): self
    {
        return new self(
            $logCapacity,
            $draws->between(...self::GROWS_A_WEEK),
            $draws->between(...self::MATURES_A_WEEK),
            $draws->between(0.003, 0.010),
            $draws,
        );
    }

    public function logCapacity(): float
    {
        return $this->level;
    }

    public function after(int $days, bool $trained): void
    {
        $weeks = $days / 7.0;
        if ($this->draws->uniform() < self::SPURT_A_WEEK * $weeks) {
            $this->spurtWeeks = $this->draws->between(...self::SPURT_WEEKS);
        }
        $grows = $this->growsPerWeek * ($this->spurtWeeks > 0.0 ? self::SPURT : 1.0);
        $this->spurtWeeks -= $weeks;
        $this->level += ($this->maturesPerWeek + ($trained ? $this->gainPerWeek : 0.0) - $grows) * $weeks;
    }
}
