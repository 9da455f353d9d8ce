<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Style;

use SteadyRung\Setup\Travel;

/**
 * Where a hold is kept: hanging, hanging with the shoulders set, half way up, or with the chin over the bar.
 */
enum HoldAt: string
{
    case Hang = 'hang';
    case ActiveHang = 'active-hang';
    case Middle = 'middle';
    case Top = 'top';

    public function travel(): Travel
    {
        return match ($this) {
            self::Hang, self::ActiveHang => Travel::AtBottom,
            self::Middle => Travel::AtMiddle,
            self::Top => Travel::AtTop,
        };
    }

    /** Whether the grip is what gives out: no evidence on pulls. */
    public function isGrip(): bool
    {
        return $this === self::Hang || $this === self::ActiveHang;
    }
}
