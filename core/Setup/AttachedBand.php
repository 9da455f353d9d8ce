<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Kit\LoopBand;

/**
 * A band and where its loop goes.
 */
final readonly class AttachedBand
{
    public function __construct(public LoopBand $band, public Attach $attach)
    {
    }
}
