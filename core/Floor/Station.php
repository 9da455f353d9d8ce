<?php

declare(strict_types=1);

namespace SteadyRung\Floor;

use SteadyRung\Exercise\Choices\Choice;

/**
 * Where on the floor something is done: one bar, one pair of rings, one machine.
 */
final class Station
{
    private const PLACES = ['bar', 'hang', 'machine'];

    /** Id of the piece; none where any bar will do. */
    public static function of(Choice $choice): ?string
    {
        $pieces = $choice->pieces();
        foreach (self::PLACES as $place) {
            if (($pieces[$place] ?? '') !== '') {
                return $pieces[$place];
            }
        }

        return null;
    }
}
