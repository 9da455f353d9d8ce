<?php

declare(strict_types=1);

namespace Database\Seeders;

/**
 * What the last sessions of a demo athlete show.
 */
enum DemoEnding
{
    case Ordinary;
    case GateMet;
    case BelowFloor;
    case Pain;
    case StrictNear;
    case Sore;
    case GripGivesOut;
    case NotBegun;

    /** Whether it says the same however long ago it was. */
    public function isOver(): bool
    {
        return ! in_array($this, [self::Sore, self::Pain, self::GripGivesOut], true);
    }
}
