<?php

declare(strict_types=1);

namespace SteadyRung;

/**
 * Quantities in sentences, in the units a coach measures with.
 */
final class InWords
{
    /** A length to the millimetre, as “137.5 cm”. */
    public static function cm(float $lengthM): string
    {
        return self::plain($lengthM * 100.0, 1).' cm';
    }

    /** A pull both ways a hanging scale shows it, as “1.3 kg (12.7 N)”. */
    public static function pull(float $forceN): string
    {
        return self::plain($forceN / Gravity::M_PER_S2, 2).' kg ('.self::plain($forceN, 1).' N)';
    }

    private static function plain(float $value, int $digits): string
    {
        return (string) (round($value, $digits) + 0.0);
    }
}
