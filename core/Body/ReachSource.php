<?php

declare(strict_types=1);

namespace SteadyRung\Body;

enum ReachSource: string
{
    case Estimated = 'estimated';
    case Measured = 'measured';
}
