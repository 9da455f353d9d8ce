<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

/**
 * The lanes of the scale, one in use at a time; what is measured in seconds has scales of its own.
 */
enum Lane: string
{
    case Pull = 'pull';
    case Row = 'row';
    case PullDown = 'pulldown';
    case Seconds = 'seconds';

    /** The capacity its ladder is climbed by, unless the grip has one of its own; none where seconds count. */
    public function pattern(): ?Pattern
    {
        return match ($this) {
            self::Pull => Pattern::Pull,
            self::Row => Pattern::Row,
            self::PullDown => Pattern::PullDown,
            self::Seconds => null,
        };
    }
}
