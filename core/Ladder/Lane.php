<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

use SteadyRung\Strength\Pattern;

/**
 * The lanes of the scale, side by side; pull-downs stand apart, for they do not transfer one to one.
 */
enum Lane: string
{
    case Row = 'row';
    case Lower = 'lower';
    case Pull = 'pull';
    case Apart = 'apart';

    /** The capacity that sets in this lane speak of; none where seconds count. */
    public function pattern(): ?Pattern
    {
        return match ($this) {
            self::Row => Pattern::Row,
            self::Lower => null,
            self::Pull => Pattern::Pull,
            self::Apart => Pattern::PullDown,
        };
    }
}
