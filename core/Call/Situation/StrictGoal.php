<?php

declare(strict_types=1);

namespace SteadyRung\Call\Situation;

use SteadyRung\Exercise\Rung;

/**
 * The next number of strict reps worth a test, and the chance of it today.
 */
final readonly class StrictGoal
{
    private const GOALS = [1, 3, 5, 8, 10];

    public function __construct(public Rung $strict, public int $reps, public float $chance)
    {
    }

    /** The first goal beyond the most that was done; one more, past the last. */
    public static function beyond(int $most): int
    {
        foreach (self::GOALS as $goal) {
            if ($goal > $most) {
                return $goal;
            }
        }

        return $most + 1;
    }
}
