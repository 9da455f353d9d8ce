<?php

declare(strict_types=1);

namespace App\Responses\Trend;

/**
 * The kinds of marks on a trend.
 */
enum TrendMark: string
{
    case Set = 'set';
    case AtLeast = 'at-least';
    case LessThan = 'less-than';
    case Baseline = 'baseline';
    case Test = 'test';
}
