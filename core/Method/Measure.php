<?php

declare(strict_types=1);

namespace SteadyRung\Method;

use SteadyRung\InWords;

/**
 * What is asked for and counted.
 */
enum Measure: string
{
    case Reps = 'reps';
    case Seconds = 'seconds';
    case Metres = 'metres';
    /** Reps over all sets together, each set for as long as it is controlled. */
    case TotalReps = 'total_reps';

    /** A count with its unit, as “8” or “30 s”. */
    public function count(float $count): string
    {
        return match ($this) {
            self::Reps, self::TotalReps => sprintf('%.0f', $count),
            self::Seconds => InWords::seconds($count),
            self::Metres => sprintf('%.0f m', $count),
        };
    }
}
