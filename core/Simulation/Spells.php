<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

/**
 * Spells of gain, stops, and jumps between them, whatever is done (judgement).
 */
final class Spells implements Response
{
    private const SPELL_DAYS = [21.0, 60.0];

    private const STOPS = 0.35;

    private const JUMPS = 0.25;

    private float $daysLeft = 0.0;

    private float $perDay = 0.0;

    private function __construct(private float $level, private readonly float $gainPerWeek, private readonly Draws $draws)
    {
    }

    public static function of(float $logCapacity, Draws $draws): self
    {
        return new self($logCapacity, $draws->between(0.004, 0.016), $draws);
    }

    public function logCapacity(): float
    {
        return $this->level;
    }

    public function after(int $days, bool $trained): void
    {
        for ($day = 0; $day < $days; $day++) {
            if ($this->daysLeft <= 0.0) {
                $this->begin();
            }
            $this->level += $this->perDay;
            $this->daysLeft--;
        }
    }

    private function begin(): void
    {
        $this->daysLeft = $this->draws->between(...self::SPELL_DAYS);
        $this->perDay = $this->draws->uniform() < self::STOPS ? 0.0 : $this->gainPerWeek * $this->draws->between(0.6, 1.6) / 7.0;
        $this->level += $this->draws->uniform() < self::JUMPS ? $this->draws->between(-0.01, 0.04) : 0.0;
    }
}
