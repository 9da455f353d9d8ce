<?php

declare(strict_types=1);

namespace SteadyRung\Kit\Band;

/**
 * What an inspection of a band showed.
 */
enum BandFinding: string
{
    case Sound = 'sound';
    case Nick = 'nick';
    case Chalking = 'chalking';
    case Thinning = 'thinning';
    case Other = 'other';

    /** Whether the band goes out of use. */
    public function isFault(): bool
    {
        return $this !== self::Sound;
    }
}
