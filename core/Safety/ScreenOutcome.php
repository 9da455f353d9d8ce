<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

enum ScreenOutcome: string
{
    case Cleared = 'cleared';
    case Limited = 'limited';
    case NotYet = 'not-yet';
    case Refer = 'refer';
}
