<?php

declare(strict_types=1);

namespace SteadyRung\Kit\Band;

/**
 * What a band's curve was made from.
 */
enum CurveStatus: string
{
    case Estimated = 'estimated';
    case OnePoint = 'one-point';
    case Measured = 'measured';
}
