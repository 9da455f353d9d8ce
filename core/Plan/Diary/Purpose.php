<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Diary;

use SteadyRung\Strength\Filter\Occasion;

/**
 * What a set was done for. A try is a test that counts against nobody.
 */
enum Purpose: string
{
    case Baseline = 'baseline';
    case Work = 'work';
    case Test = 'test';
    case Try = 'try';

    public function occasion(): Occasion
    {
        return match ($this) {
            self::Work => Occasion::Work,
            self::Baseline => Occasion::Baseline,
            self::Test, self::Try => Occasion::Test,
        };
    }
}
