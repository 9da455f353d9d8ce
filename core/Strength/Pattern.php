<?php

declare(strict_types=1);

namespace SteadyRung\Strength;

/**
 * Movements with a capacity of their own.
 */
enum Pattern: string
{
    case Pull = 'pull';
    case Row = 'row';
    case PullDown = 'pulldown';
}
