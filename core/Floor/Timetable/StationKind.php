<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Timetable;

/**
 * What is done at a station by one person at a time; on the floor there is room for everybody.
 */
enum StationKind: string
{
    case Bar = 'bar';
    case Rings = 'rings';
    case Machine = 'machine';
    case Floor = 'floor';
}
