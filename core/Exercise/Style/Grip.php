<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Style;

/**
 * How the hands hold.
 */
enum Grip: string
{
    case Over = 'over';
    case Under = 'under';
    case Neutral = 'neutral';
    case Mixed = 'mixed';
    case Rings = 'rings';
    case Towel = 'towel';
}
