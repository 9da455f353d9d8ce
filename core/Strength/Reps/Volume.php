<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Reps;

use SteadyRung\Gravity;

/**
 * The work of training, of all kinds alike.
 */
final class Volume
{
    private const J_PER_KJ = 1000.0;

    /** Work up in kJ: reps × mean load × travel × g. */
    public static function kilojoules(float $repsKgM): float
    {
        return $repsKgM * Gravity::M_PER_S2 / self::J_PER_KJ;
    }
}
