<?php

declare(strict_types=1);

namespace SteadyRung\Trace;

/**
 * Along a curve: with time or against it.
 */
enum Way: int
{
    case Back = -1;
    case Forth = 1;
}
