<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

/**
 * How far both arms come overhead with the ribs down.
 */
enum Overhead: string
{
    case Level = 'level';
    case Short = 'short';
    case Painful = 'painful';
}
