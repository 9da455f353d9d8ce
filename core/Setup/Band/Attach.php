<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Band;

/**
 * What stands or kneels in the band.
 */
enum Attach: string
{
    case Foot = 'foot';
    case Knee = 'knee';
}
