<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

enum Misfit: string
{
    case BarTooLow = 'bar-too-low';
    case BarTooHigh = 'bar-too-high';
    case NoHelp = 'no-help';
    case StretchTooHigh = 'stretch-too-high';
    case LiftsOff = 'lifts-off';
    case FeetReachNothing = 'feet-reach-nothing';
    case HeelsTooFar = 'heels-too-far';
    case HeelsTooNear = 'heels-too-near';
    case TouchesFloor = 'touches-floor';
    case StandsUpright = 'stands-upright';
    case PullsAlongBody = 'pulls-along-body';
    case FeetFloat = 'feet-float';
    case OverRating = 'over-rating';
    case CannotBeBuilt = 'cannot-be-built';
    case OutsideLimits = 'outside-limits';
    case ShareOutOfReach = 'share-out-of-reach';
}
