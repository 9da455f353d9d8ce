<?php

declare(strict_types=1);

namespace SteadyRung\Strength;

enum ForecastVerdict: string
{
    case Reached = 'reached';
    case TestNow = 'test-now';
    case Dated = 'dated';
    case NotForeseeable = 'not-foreseeable';
}
