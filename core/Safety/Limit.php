<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

/**
 * What a screen does not allow.
 */
enum Limit: string
{
    case NoHanging = 'no-hanging';
    case NoOverhead = 'no-overhead';
    case NoLowering = 'no-lowering';
    case NoBandsAtHeight = 'no-bands-at-height';

    public function words(): string
    {
        return str_replace('-', ' ', $this->value);
    }
}
