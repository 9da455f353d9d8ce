<?php

declare(strict_types=1);

namespace App\Formats\Erase;

/**
 * What becomes of something when an athlete is erased.
 */
enum Fate: string
{
    case Erased = 'erased';
    case Nameless = 'nameless';
    case Kept = 'kept';
}
