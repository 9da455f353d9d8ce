<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

/**
 * Slow gains that shrink, lost again in weeks without training and by illness, and bodyweight that wanders (judgement).
 */
final class SlowDrift implements Response
{
    private const HALF_LIFE_WEEKS = 40.0;

    /** Without training for longer, a part goes each day. */
    private const KEEPS_DAYS = 12;

    private const LOST_A_DAY = 0.0012;

    private const ILL_A_WEEK = 0.03;

    private const LOST_ILL = [0.01, 0.04];

    private const WEIGHT_SD_A_WEEK = 0.003;

    private float $weeks = 0.0;

    private int $idle = 0;

    private float $weight = 0.0;

    private function __construct(private float $level, private readonly float $gainPerWeek, private readonly Draws $draws)
    {
    }

    public static function of(float $logCapacity, Draws $draws): self
    {
        return new self($logCapacity, $draws->between(0.003, 0.012), $draws);
    }

    public function logCapacity(): float
    {
        return $this->level - $this->weight;
    }

    public function after(int $days, bool $trained): void
    {
        $weeks = $days / 7.0;
        $this->weeks += $weeks;
        $this->weight += self::WEIGHT_SD_A_WEEK * sqrt($weeks) * $this->draws->normal();
        $this->idle = $trained ? 0 : $this->idle + $days;
        $this->level += $this->idle > self::KEEPS_DAYS
            ? -self::LOST_A_DAY * $days
            : $this->gainPerWeek * $weeks * 0.5 ** ($this->weeks / self::HALF_LIFE_WEEKS);
        $this->level -= $this->draws->uniform() < self::ILL_A_WEEK * $weeks ? $this->draws->between(...self::LOST_ILL) : 0.0;
    }
}
