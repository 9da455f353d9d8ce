<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

/**
 * Skill that comes fast with the first sessions and levels off (exponential learning curve, Heathcote, Brown and Mewhort 2000), on
 * muscle that grows slowly as long as there is training (first nerve, then muscle: Moritani and deVries 1979; both memory).
 */
final class Technique implements Response
{
    /** Skill there is to gain, in log capacity, and sessions after which two thirds of it are there (judgement). */
    private const SKILL = [0.05, 0.20];

    private const SESSIONS = [8.0, 25.0];

    private const MUSCLE_A_WEEK = [0.002, 0.009];

    private const KEEPS_DAYS = 14;

    private int $sessions = 0;

    private int $idle = 0;

    private float $muscle = 0.0;

    private function __construct(
        private readonly float $base,
        private readonly float $skill,
        private readonly float $learnsIn,
        private readonly float $musclePerWeek,
    ) {
    }

    public static function of(float $logCapacity, Draws $draws): self
    {
        return new self(
            $logCapacity,
            $draws->between(...self::SKILL),
            $draws->between(...self::SESSIONS),
            $draws->between(...self::MUSCLE_A_WEEK),
        );
    }

    public function logCapacity(): float
    {
        return $this->base + $this->skill * (1.0 - exp(-$this->sessions / $this->learnsIn)) + $this->muscle;
    }

    public function after(int $days, bool $trained): void
    {
        $this->sessions += $trained ? 1 : 0;
        $this->idle = $trained ? 0 : $this->idle + $days;
        $this->muscle += $this->idle > self::KEEPS_DAYS ? 0.0 : $this->musclePerWeek * $days / 7.0;
    }
}
