<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Style;

/**
 * What is done on a set-up.
 */
enum Movement: string
{
    case Full = 'full';
    case LowerHalf = 'lower-half';
    case UpperHalf = 'upper-half';
    case Lowering = 'lowering';
    case Hold = 'hold';
    case ShoulderBlade = 'shoulder-blade';

    /** Whether its seconds are what is asked for. */
    public function isTimed(): bool
    {
        return $this === self::Lowering || $this === self::Hold;
    }
}
