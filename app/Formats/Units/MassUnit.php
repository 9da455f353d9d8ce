<?php

declare(strict_types=1);

namespace App\Formats\Units;

/**
 * What a gym weighs in.
 */
enum MassUnit: string
{
    case Kilograms = 'kg';
    case Pounds = 'lb';

    /** Exact by the international yard and pound agreement of 1959. */
    public const KG_PER_LB = 0.45359237;

    public function perKg(): float
    {
        return $this === self::Pounds ? 1.0 / self::KG_PER_LB : 1.0;
    }
}
