<?php

declare(strict_types=1);

namespace SteadyRung\Method;

/**
 * How a line asks for more than last time, whatever its figures.
 */
enum Grows: string
{
    case FirstSet = 'first-set';
    case Weekly = 'weekly';
    case ToBeat = 'to-beat';
    case Slower = 'slower';
}
