<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Style;

/**
 * How one gets up; other than by the pull itself, the way down has no such help.
 */
enum UpBy: string
{
    case Pull = 'pull';
    case Step = 'step';
    case Foot = 'foot';
    case Hop = 'hop';
}
