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
    case GrowingYouth = 'growing-youth';
    case Returning = 'returning';

    /** @return non-empty-list<self> those that the constants of filter, forecast and policy were drawn with; the others are held out */
    public static function known(): array
    {
        return [self::FitnessFatigue, self::Spells, self::SlowDrift, self::Technique];
    }

    public function of(float $logCapacity, Draws $draws): Response
    {
        return match ($this) {
            self::FitnessFatigue => FitnessFatigue::of($logCapacity, $draws),
            self::Spells => Spells::of($logCapacity, $draws),
            self::SlowDrift => SlowDrift::of($logCapacity, $draws),
            self::Technique => Technique::of($logCapacity, $draws),
            self::GrowingYouth => GrowingYouth::of($logCapacity, $draws),
            self::Returning => Returning::of($logCapacity, $draws),
        };
    }
}
