<?php

declare(strict_types=1);

namespace App\Formats\Erase;

/**
 * What becomes of the training of an athlete who is erased.
 */
enum ErasedLog: string
{
    /** It stays, and nobody's name is on it: what the bands and methods learned from it stays true. */
    case Anonymous = 'anonymous';
    case Removed = 'removed';
}
