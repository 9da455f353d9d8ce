<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

enum Misfit: string
{
    case BarTooLow = 'bar-too-low';
    case NoHelp = 'no-help';
    case StretchTooHigh = 'stretch-too-high';
    case LiftsOff = 'lifts-off';
}
