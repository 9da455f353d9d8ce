<?php

declare(strict_types=1);

namespace App\Formats\Units;

/**
 * What a gym measures heights, straps and gear in.
 */
enum LengthUnit: string
{
    case Centimetres = 'cm';
    case Inches = 'in';

    /** Exact by the international yard and pound agreement of 1959. */
    public const M_PER_IN = 0.0254;

    public function perM(): float
    {
        return $this === self::Inches ? 1.0 / self::M_PER_IN : 100.0;
    }
}
