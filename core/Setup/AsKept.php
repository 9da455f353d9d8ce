<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Drawing\SideView;
use SteadyRung\Why\Explanation;

/**
 * A set-up of which only what the arms carried was kept, whatever became of its gear.
 */
final readonly class AsKept implements Setup
{
    public function __construct(private CarriedLoad $load)
    {
    }

    public function carriedBy(Body $body, Travel $travel = Travel::Whole): CarriedLoad
    {
        return $this->load;
    }

    public function why(Body $body): Explanation
    {
        return new Explanation([], ['As it was kept then; the gear may be another today.']);
    }

    public function sideView(Body $body): SideView
    {
        throw new \LogicException('What was kept of a set-up is not enough to draw it.');
    }
}
