<?php

declare(strict_types=1);

namespace SteadyRung\Kit\Band;

enum CalibrationFault: string
{
    case NotStretched = 'not-stretched';
    case MissesPoint = 'misses-point';
    case NotIncreasing = 'not-increasing';
}
