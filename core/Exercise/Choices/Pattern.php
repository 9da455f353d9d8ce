<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

/**
 * Movements with a capacity of their own.
 */
enum Pattern: string
{
    case Pull = 'pull';
    case Chin = 'chin';
    case Row = 'row';
    case PullDown = 'pulldown';
}
