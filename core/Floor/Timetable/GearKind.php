<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Timetable;

/**
 * What is needed beside a station, by one person at a time. Bands are hung up and taken off; that is a change.
 */
enum GearKind: string
{
    case Band = 'band';
    case Box = 'box';
    case Spotter = 'spotter';
}
