<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Band;

use SteadyRung\Kit\Band\LoopBand;

/**
 * A band and where its loop goes.
 */
final readonly class AttachedBand
{
    public function __construct(public LoopBand $band, public Attach $attach)
    {
    }
}
