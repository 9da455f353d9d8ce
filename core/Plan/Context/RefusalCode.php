<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Context;

/**
 * Why a session is not written, or not whole.
 */
enum RefusalCode: string
{
    case Paused = 'paused';
    case Screen = 'screen';
    case Baselines = 'baselines';
    case NothingFits = 'nothing-fits';
    case TooSoon = 'too-soon';
    case WeekFull = 'week-full';
}
