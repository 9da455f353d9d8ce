<?php

declare(strict_types=1);

namespace App\Queries\Athletes;

/**
 * How the roster is sorted.
 */
enum RosterOrder: string
{
    case Call = 'call';
    case Name = 'name';
    case LastSession = 'last-session';
    case Stage = 'stage';
}
