<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

/**
 * Each session adds to fitness, which fades slowly, and to fatigue, which fades fast: level = base + a·fitness − b·fatigue
 * (Banister 1975; memory).
 */
final class FitnessFatigue implements Response
{
    /** Time constants, in days. */
    private const FITNESS_DAYS = 42.0;

    private const FATIGUE_DAYS = 7.0;

    private float $fitness = 0.0;

    private float $fatigue = 0.0;

    private function __construct(private readonly float $base, private readonly float $perFitness, private readonly float $perFatigue)
    {
    }

    public static function of(float $logCapacity, Draws $draws): self
    {
        return new self($logCapacity, $draws->between(0.010, 0.024), $draws->between(0.003, 0.008));
    }

    public function logCapacity(): float
    {
        return $this->base + $this->perFitness * $this->fitness - $this->perFatigue * $this->fatigue;
    }

    public function after(int $days, bool $trained): void
    {
        $this->fitness = $this->fitness * exp(-$days / self::FITNESS_DAYS) + ($trained ? 1.0 : 0.0);
        $this->fatigue = $this->fatigue * exp(-$days / self::FATIGUE_DAYS) + ($trained ? 1.0 : 0.0);
    }
}
