<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Drawing\SideView;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * The unassisted pull-up: all of bodyweight, all the way.
 */
final readonly class Strict implements Setup
{
    public function carriedBy(Body $body, Travel $travel = Travel::Whole): CarriedLoad
    {
        return CarriedLoad::even($body->weightN(), $body->weightN(), $travel->length() * $body->pullDistanceM());
    }

    public function why(Body $body): Explanation
    {
        return $body->whyPullDistance()->then(new Explanation([
            new Step('Carried', 'bodyweight, nothing taken off', $body->massKg, 'kg'),
        ]));
    }

    public function sideView(Body $body): SideView
    {
        return HangView::of($body);
    }
}
