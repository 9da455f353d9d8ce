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

    /** Counted by who did it and seen by nobody: it tires and tells of strength, less surely, and meets no gate. */
    case Home = 'home';

    public function occasion(): Occasion
    {
        return match ($this) {
            self::Work => Occasion::Work,
            self::Baseline => Occasion::Baseline,
            self::Test, self::Try => Occasion::Test,
            self::Home => Occasion::Home,
        };
    }

    /** Whether it loads the body as training does. */
    public function isTraining(): bool
    {
        return $this === self::Work || $this === self::Home;
    }
}
