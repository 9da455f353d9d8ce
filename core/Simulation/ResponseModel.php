<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

/**
 * The models athletes are drawn from.
 */
enum ResponseModel: string
{
    case FitnessFatigue = 'fitness-fatigue';
    case Spells = 'spells';
    case SlowDrift = 'slow-drift';
    case Technique = 'technique';

    public function of(float $logCapacity, Draws $draws): Response
    {
        return match ($this) {
            self::FitnessFatigue => FitnessFatigue::of($logCapacity, $draws),
            self::Spells => Spells::of($logCapacity, $draws),
            self::SlowDrift => SlowDrift::of($logCapacity, $draws),
            self::Technique => Technique::of($logCapacity, $draws),
        };
    }
}
