<?php

declare(strict_types=1);

namespace App\Formats;

/**
 * Kinds of gear besides bands.
 */
enum GearKind: string
{
    case Bar = 'bar';
    case Rings = 'rings';
    case Box = 'box';
    case Plate = 'plate';
    case Weight = 'weight';
    case Machine = 'machine';
}
