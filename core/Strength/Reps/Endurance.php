<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Reps;

use SteadyRung\Crossing;

/**
 * How long a part of one's strength can be held: T = −1.5 + 2.1/x − 0.6/x² + 0.1/x³ in minutes, at least 0 (Rohmert 1960; memory).
 */
final class Endurance
{
    private const SECONDS = 60.0;

    private const WITHIN = 1e-12;

    /** No more of one's strength than this part, and no more than that, is looked at. */
    private const PARTS = [0.05, 3.0];

    /** Seconds that a part x of strength can be held. */
    public static function seconds(float $part): float
    {
        return self::SECONDS * max(0.0, -1.5 + 2.1 / $part - 0.6 / $part ** 2 + 0.1 / $part ** 3);
    }

    /** The part of strength that can be held so many seconds, more than 0; the inverse. */
    public static function partFor(float $seconds): float
    {
        return Crossing::of(
            static fn (float $part): float => self::seconds($part) - $seconds,
            self::PARTS[0],
            self::PARTS[1],
            self::WITHIN,
        );
    }
}
