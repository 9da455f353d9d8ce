<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

enum WarningCode: string
{
    case KneesBend = 'knees-bend';
    case StretchHigh = 'stretch-high';
    case BandEstimated = 'band-estimated';
    case SlackAtTop = 'slack-at-top';
}
