<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Diary;

/**
 * Why a rep did not count.
 */
enum NoCount: string
{
    case ShortAtBottom = 'short-at-bottom';
    case ShortAtTop = 'short-at-top';
    case Swing = 'swing';
    case Drop = 'drop';
    case LegDrive = 'leg-drive';
    case GripSlip = 'grip-slip';
    case Other = 'other';
}
