<?php

declare(strict_types=1);

namespace SteadyRung\Floor;

/**
 * Why an athlete stands first when a class is made; the gravest first.
 */
enum ConcernKind: string
{
    case Paused = 'paused';
    case Screen = 'screen';
    case Baselines = 'baselines';
    case SetUp = 'set-up';
    case Away = 'away';
    case Sore = 'sore';

    /** Whether nothing is done on the floor before it; others are only to be known. */
    public function isBlocking(): bool
    {
        return in_array($this, [self::Paused, self::Screen, self::Baselines], true);
    }
}
