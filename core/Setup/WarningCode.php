<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

enum WarningCode: string
{
    case KneesBend = 'knees-bend';
    case StretchHigh = 'stretch-high';
    case BandEstimated = 'band-estimated';
    case FootSwingsBehind = 'foot-swings-behind';
    case FeetFlyUp = 'feet-fly-up';
    case MayLiftOff = 'may-lift-off';
    case StrongRecoil = 'strong-recoil';
    case PartnerToMount = 'partner-to-mount';
    case HeelsMaySlip = 'heels-may-slip';
    case HeelsSlip = 'heels-slip';
    case HeelsHigh = 'heels-high';
    case HighBox = 'high-box';
    case HighMount = 'high-mount';
    case SmallBody = 'small-body';
    case HeavyBody = 'heavy-body';
    case LegsAllTheWay = 'legs-all-the-way';
    case SlackAtTop = 'slack-at-top';

    /** Whether it speaks against using the set-up where another will do. */
    public function isCaution(): bool
    {
        return in_array(
            $this,
            [self::StretchHigh, self::LegsAllTheWay, self::HeelsHigh, self::HeelsSlip, self::MayLiftOff, self::HighMount],
            true,
        );
    }
}
