<?php

declare(strict_types=1);

namespace App\Devices;

/**
 * Ways in which a simulated scale can fail.
 */
enum ScaleFault: string
{
    case None = 'none';
    case Silent = 'silent';
    case Repeat = 'repeat';
    case Jump = 'jump';
}
