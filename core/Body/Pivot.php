<?php

declare(strict_types=1);

namespace SteadyRung\Body;

/**
 * The joint a body turns about in a row.
 */
enum Pivot: string
{
    case Heels = 'heels';
    case Knees = 'knees';

    /** Its height over the soles, as a part of stature. */
    public function perStature(): float
    {
        return $this === self::Heels ? 0.0 : Proportions::KNEE_HEIGHT;
    }
}
