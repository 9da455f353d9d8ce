<?php

declare(strict_types=1);

namespace SteadyRung\Body;

/**
 * Whose segment masses a body is computed with.
 */
enum SegmentTable: string
{
    case Average = 'average';
    case Men = 'men';
    case Women = 'women';

    public function source(): string
    {
        return $this === self::Average
            ? 'Dempster 1955, in Winter, trunk from reaction boards (memory)'
            : 'de Leva 1996, trunk from reaction boards (memory)';
    }
}
