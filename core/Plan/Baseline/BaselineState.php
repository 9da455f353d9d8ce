<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Baseline;

/**
 * How a step of a baseline stands.
 */
enum BaselineState: string
{
    case Done = 'done';
    case Next = 'next';
    case Later = 'later';
    case PassedOver = 'passed-over';
}
