<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Filter;

/**
 * What a set was done for, as far as it matters for what it says of capacity.
 */
enum Occasion
{
    /** Before harder work of the day, and easy: no evidence. */
    case WarmUp;
    case Work;
    case Baseline;
    case Test;

    /** Told by who did it; nobody saw the reps. */
    case Home;
}
