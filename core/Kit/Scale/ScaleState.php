<?php

declare(strict_types=1);

namespace SteadyRung\Kit\Scale;

/**
 * What a stream of scale readings is doing.
 */
enum ScaleState: string
{
    case Silent = 'silent';
    case Repeating = 'repeating';
    case Jumping = 'jumping';
    case Settling = 'settling';
    case Steady = 'steady';
}
