<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Collision;

/**
 * What can be done where two need one thing: leave the order, turn it round, or give one of them another set-up.
 */
enum WayOutKind: string
{
    case Keep = 'keep';
    case Swap = 'swap';
    case Switch = 'switch';
}
