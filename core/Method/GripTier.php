<?php

declare(strict_types=1);

namespace SteadyRung\Method;

/**
 * The grip ladder: seconds of a dead hang (common practice).
 */
enum GripTier: string
{
    case Beginner = 'beginner';
    case Intermediate = 'intermediate';
    case Advanced = 'advanced';

    /** @return array{int, int} s */
    public function seconds(): array
    {
        return match ($this) {
            self::Beginner => [15, 30],
            self::Intermediate => [30, 60],
            self::Advanced => [60, 120],
        };
    }

    /** Where somebody hangs whose longest is so long; none under the first. */
    public static function of(float $longestS): ?self
    {
        $reached = null;
        foreach (self::cases() as $tier) {
            $reached = $longestS >= $tier->seconds()[0] ? $tier : $reached;
        }

        return $reached;
    }

    /** What is hung next: from what is there towards the end of the tier. */
    public static function next(?float $longestS): Amount
    {
        $tier = $longestS === null ? self::Beginner : self::of($longestS) ?? self::Beginner;
        [$from, $to] = $tier->seconds();

        return Amount::of(Measure::Seconds, min($to, max($from, (int) floor($longestS ?? 0.0))), $to);
    }
}
