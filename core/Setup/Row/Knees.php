<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Row;

/**
 * How the legs are kept in a row: straight on the heels, or bent with the feet flat.
 */
enum Knees: string
{
    case Straight = 'straight';
    case Bent = 'bent';
}
