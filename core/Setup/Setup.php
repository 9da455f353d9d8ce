<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Why\Explanation;

/**
 * Something an athlete can be put on.
 */
interface Setup
{
    public function carriedBy(Body $body): CarriedLoad|DoesNotFit;

    /** How the figures of carriedBy came about. */
    public function why(Body $body): Explanation;
}
