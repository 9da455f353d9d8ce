<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Filter;

/**
 * What a set says of the capacity: so much, at least so much, or less than so much.
 */
enum Side
{
    case Exactly;
    case AtLeast;
    case LessThan;
}
