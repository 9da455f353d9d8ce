<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Drawing\SideView;
use SteadyRung\Why\Explanation;

/**
 * Something an athlete can be put on.
 */
interface Setup
{
    public function carriedBy(Body $body): CarriedLoad|DoesNotFit;

    /** How the figures of carriedBy came about. */
    public function why(Body $body): Explanation;

    /** The set-up drawn to scale, where it fits. */
    public function sideView(Body $body): SideView;
}
