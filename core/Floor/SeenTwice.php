<?php

declare(strict_types=1);

namespace SteadyRung\Floor;

/**
 * Whether two sets that two coaches logged are one that both saw: they lie closer together than anybody rests.
 */
final readonly class SeenTwice
{
    /** From memory: nobody does two sets of one thing within a minute, or within half of its rest where that is shorter. */
    private const MOST_S = 60;

    /**
     * @param  float  $apartS  seconds between the two, in either order
     * @param  int  $restS  seconds that are rested after such a set
     */
    public static function is(float $apartS, int $restS): bool
    {
        return abs($apartS) < min(self::MOST_S, $restS / 2);
    }
}
