<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

/**
 * Somebody who was stronger once: what was lost comes back fast, and what is new slowly (judgement).
 */
final class Returning implements Response
{
    /** Log of what is to be had again. */
    private const LOST = [0.08, 0.30];

    private const BACK_WEEKS = [5.0, 14.0];

    private function __construct(
        private float $lost,
        private float $former,
        private readonly float $backWeeks,
        private readonly float $gainPerWeek,
    ) {
    }

    public static function of(float $logCapacity, Draws $draws): self
    {
        $lost = $draws->between(...self::LOST);

        return new self($lost, $logCapacity + $lost, $draws->between(...self::BACK_WEEKS), $draws->between(0.001, 0.005));
    }

    public function logCapacity(): float
    {
        return $this->former - $this->lost;
    }

    public function after(int $days, bool $trained): void
    {
        $weeks = $days / 7.0;
        $this->lost *= $trained ? exp(-$weeks / $this->backWeeks) : 1.0;
        $this->former += $trained ? $this->gainPerWeek * $weeks : 0.0;
    }
}
