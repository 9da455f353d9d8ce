<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

/**
 * Where a hold is kept: at full hang or with the chin over the bar.
 */
enum HoldAt: string
{
    case Hang = 'hang';
    case Top = 'top';
}
