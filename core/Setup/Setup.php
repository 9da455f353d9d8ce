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
    /** What the arms carry over a part of the way. */
    public function carriedBy(Body $body, Travel $travel = Travel::Whole): CarriedLoad|DoesNotFit;

    /** How the figures of carriedBy came about. */
    public function why(Body $body): Explanation;

    /** The set-up drawn to scale, where it fits. */
    public function sideView(Body $body): SideView;
}
