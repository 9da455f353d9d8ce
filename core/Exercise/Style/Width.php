<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Style;

/**
 * How far apart the hands are; just outside the shoulders unless somebody says otherwise.
 */
enum Width: string
{
    case Shoulder = 'shoulder';
    case Outside = 'outside';
    case Wide = 'wide';
    case Narrow = 'narrow';
}
