<?php

declare(strict_types=1);

namespace SteadyRung\Body;

/**
 * Where the arms are; the centre of mass rises with them.
 */
enum Posture: string
{
    case ArmsDown = 'arms-down';
    case ArmsForward = 'arms-forward';
    case ArmsPulledIn = 'arms-pulled-in';
    case ArmsOverhead = 'arms-overhead';
}
