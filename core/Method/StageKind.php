<?php

declare(strict_types=1);

namespace SteadyRung\Method;

/**
 * What a stage is made of, for its look beside the others.
 */
enum StageKind: string
{
    case Row = 'row';
    case Help = 'help';
    case Timed = 'timed';
    case Strict = 'strict';
}
