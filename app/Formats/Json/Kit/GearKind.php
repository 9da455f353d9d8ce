<?php

declare(strict_types=1);

namespace App\Formats\Json\Kit;

use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\Plate;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\Weight;

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

    public static function of(Bar|RingPair|Box|Plate|Weight|Machine $gear): self
    {
        return match (true) {
            $gear instanceof Bar => self::Bar,
            $gear instanceof RingPair => self::Rings,
            $gear instanceof Box => self::Box,
            $gear instanceof Plate => self::Plate,
            $gear instanceof Weight => self::Weight,
            $gear instanceof Machine => self::Machine,
        };
    }
}
