<?php

declare(strict_types=1);

namespace SteadyRung\Body;

/**
 * What of the body comes to the bar at the top of a pull.
 */
enum PullTop: string
{
    case Chin = 'chin';
    case Chest = 'chest';

    /** Its height standing, as a part of stature. */
    public function heightPerStature(): float
    {
        return match ($this) {
            self::Chin => Proportions::CHIN_HEIGHT,
            self::Chest => Proportions::CHEST_HEIGHT,
        };
    }
}
