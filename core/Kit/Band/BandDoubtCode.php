<?php

declare(strict_types=1);

namespace SteadyRung\Kit\Band;

enum BandDoubtCode: string
{
    case Pounds = 'pounds';
    case Newtons = 'newtons';
    case OtherBand = 'other-band';
    case TooNear = 'too-near';
    case TooClose = 'too-close';

    /** Whether the readings are kept only when somebody confirms them. */
    public function isGrave(): bool
    {
        return in_array($this, [self::Pounds, self::Newtons, self::OtherBand], true);
    }
}
