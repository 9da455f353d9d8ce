<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

/**
 * What a weight stack does for the athlete.
 */
enum MachineUse: string
{
    case Counterweight = 'counterweight';
    case PullDown = 'pulldown';
}
