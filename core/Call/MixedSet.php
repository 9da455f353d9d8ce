<?php

declare(strict_types=1);

namespace SteadyRung\Call;

use SteadyRung\Ladder\Rung;

/**
 * A set begun on the next rung and finished on the present one.
 */
final readonly class MixedSet
{
    public function __construct(public int $firstReps, public Rung $first, public int $thenReps, public Rung $then)
    {
    }
}
