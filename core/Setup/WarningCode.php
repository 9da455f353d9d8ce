<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

enum WarningCode: string
{
    case KneesBend = 'knees-bend';
    case StretchHigh = 'stretch-high';
    case BandEstimated = 'band-estimated';
    case HighHeelsUpright = 'high-heels-upright';
    case LegsAllTheWay = 'legs-all-the-way';
    case SlackAtTop = 'slack-at-top';

    /** Whether it speaks against using the set-up where another will do. */
    public function isCaution(): bool
    {
        return in_array($this, [self::StretchHigh, self::LegsAllTheWay, self::HighHeelsUpright], true);
    }
}
